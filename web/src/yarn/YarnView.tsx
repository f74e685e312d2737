import { useQuery } from '@tanstack/react-query';
import { methodsQuery } from '../api/garments';
import { useEditor } from '../shell/GarmentPage';
import { Loading } from '../shell/Messages';
import { Calibration } from './Calibration';
import { KeptTails } from './KeptTails';
import { SeamStrands } from './SeamStrands';
import { WorkedIn } from './WorkedIn';
import './yarn.css';
import { YarnCards } from './YarnCards';

/** The yarn of the seams: which there are, what is worked in which, how much each seam takes, and what is to be bought. */
export function YarnView() {
  const editor = useEditor();
  const { plan } = editor.garment;
  const { data: catalogue } = useQuery(methodsQuery(plan.terms));
  if (!catalogue) {
    return <Loading what="Fetching the methods…" />;
  }
  return (
    <div className="yarn-view">
      <div className="yarn-left">
        <h1>Is there enough yarn?</h1>
        <YarnCards editor={editor} />
        <WorkedIn editor={editor} />
        <KeptTails editor={editor} />
      </div>
      <div>
        <SeamStrands editor={editor} catalogue={catalogue} />
        <Calibration editor={editor} catalogue={catalogue} />
      </div>
    </div>
  );
}

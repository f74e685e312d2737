import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { drawOutline, outlineQuery } from '../api/garments';
import type { Told } from '../api/types';
import { Loading } from '../shell/Messages';
import { Findings } from '../shell/Findings';
import type { GarmentEditor } from '../shell/useGarment';
import { type DraftStep, EMPTY, told } from './useWalk';
import { WalkTable } from './WalkTable';

interface Props {
  editor: GarmentEditor;
  piece: string;
  onDone: () => void;
}

/** The outline of a piece of the maker's own, told anew from what it is. */
export function OutlineForm(props: Props) {
  const { garment } = props.editor;
  const { data } = useQuery(outlineQuery(garment.id, garment.version, props.piece));
  return data ? <Outline {...props} outline={data} /> : <Loading what="Walking round it…" />;
}

type Draft = DraftStep & Pick<Told, 'edge' | 'run'>;

function draftOf({ edge, run, step }: Told): Draft {
  return {
    edge,
    run,
    name: step.name,
    kind: step.kind,
    count: String(step.count),
    unitMm: String(step.unitMm),
    turn: String(step.turn),
  };
}

function Outline({ editor, piece, onDone, outline }: Props & { outline: Told[] }) {
  const { garment } = editor;
  const [steps, setSteps] = useState(() => outline.map(draftOf));
  const walk = steps.flatMap((draft) => {
    const step = told(draft);
    return step ? [{ edge: draft.edge, run: draft.run, step }] : [];
  });
  const whole = walk.length === steps.length;
  const drawn = useQuery({
    queryKey: ['outlined', garment.id, garment.version, piece, walk],
    queryFn: () => drawOutline(garment.id, piece, walk),
    enabled: whole,
    placeholderData: (last) => last,
  });
  const findings = whole ? (drawn.data?.findings ?? []) : [];
  const another = () => {
    const taken = steps.map(({ edge }) => edge);
    let number = steps.length + 1;
    while (taken.includes(`e${number}`)) {
      number += 1;
    }
    setSteps([...steps, { ...EMPTY, name: `edge ${number}`, edge: `e${number}`, run: `e${number}` }]);
  };
  return (
    <form
      className="walk"
      onSubmit={(event) => {
        event.preventDefault();
        void editor
          .change([{ kind: 'PIECE_OUTLINED', piece, outline: walk }])
          .then((saved) => saved && onDone());
      }}
    >
      <p className="soft">Seams stay on the edges they are on; one whose edge you leave out is told of.</p>
      <WalkTable
        steps={steps}
        set={(index, changed) =>
          setSteps(steps.map((step, i) => (i === index ? { ...step, ...changed } : step)))
        }
        remove={(index) => setSteps(steps.filter((_, i) => i !== index))}
        drawn={drawn.data?.piece}
      />
      <Findings findings={findings} title="It is no piece yet" />
      <div className="walk-go">
        <Button variant="outline-dark" onClick={another}>
          Another edge
        </Button>
        <Button type="submit" disabled={!whole || findings.length > 0}>
          Keep this outline
        </Button>
      </div>
    </form>
  );
}

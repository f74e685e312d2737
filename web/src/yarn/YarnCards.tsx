import { useState } from 'react';
import { Button } from 'react-bootstrap';
import type { YarnSum } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { readScale } from './scale';
import { CLASS_WORDS, TRAIT_WORDS } from './words';
import { YarnStages } from './YarnStages';
import { YarnForm } from './YarnForm';

/** What stands open where a yarn is added; no yarn is called so. */
const NEW = '';

/** Each yarn with what its seams take, what is left, and what to buy; told, changed and weighed here. */
export function YarnCards({ editor }: { editor: GarmentEditor }) {
  const { yarns } = editor.garment.plan.yarn;
  const [open, setOpen] = useState<string>();
  return (
    <section aria-label="Your yarns">
      {yarns.length === 0 && (
        <p>
          Tell the yarns you work with. Then the advice knows how thick and fuzzy they are, and each seam
          whether there is enough.
        </p>
      )}
      <ul className="yarns">
        {yarns.map((sum) => (
          <li key={sum.id}>
            {open === sum.id ? (
              <YarnForm editor={editor} yarn={sum.yarn} onClose={() => setOpen(undefined)} />
            ) : (
              <YarnCard sum={sum} editor={editor} onOpen={() => setOpen(sum.id)} />
            )}
          </li>
        ))}
      </ul>
      {open === NEW ? (
        <YarnForm editor={editor} onClose={() => setOpen(undefined)} />
      ) : (
        <Button variant={yarns.length === 0 ? 'primary' : 'outline-dark'} onClick={() => setOpen(NEW)}>
          {yarns.length === 0 ? 'Tell a yarn' : 'Another yarn'}
        </Button>
      )}
    </section>
  );
}

interface CardProps {
  sum: YarnSum;
  editor: GarmentEditor;
  onOpen: () => void;
}

function YarnCard({ sum, editor, onOpen }: CardProps) {
  const { yarn } = sum;
  const [failed, setFailed] = useState(false);
  const about = [
    yarn.colour,
    CLASS_WORDS[yarn.weight].toLowerCase(),
    yarn.fibre,
    ...yarn.traits.map((trait) => TRAIT_WORDS[trait].toLowerCase()),
    yarn.metresPerBall && yarn.gramsPerBall ? `${yarn.metresPerBall} m in ${yarn.gramsPerBall} g` : '',
  ].filter((word) => word);
  const weigh = async () => {
    const grams = await readScale();
    setFailed(grams === undefined);
    if (grams !== undefined) {
      await editor.change([
        { kind: 'YARN_TOLD', yarn: { ...yarn, left: { grams, after: editor.garment.finished } } },
      ]);
    }
  };
  return (
    <>
      <h2>{yarn.name}</h2>
      <p className="soft">{about.join(', ')}</p>
      <p className={sum.buy || sum.runsOut ? 'wrong' : ''}>{sum.words}</p>
      {yarn.left && <p className="soft">{yarn.left.grams} g left when last weighed.</p>}
      <YarnStages sum={sum} plan={editor.garment.plan} />
      <div className="yarn-keys">
        <Button variant="outline-dark" size="sm" onClick={onOpen}>
          Change
        </Button>
        <Button variant="outline-dark" size="sm" onClick={() => void weigh()}>
          Weigh what is left
        </Button>
        <a href="/scale.html" target="_blank" rel="noreferrer">
          The scale
        </a>
      </div>
      {failed && <p role="alert">The scale does not answer; type the grams under “Change”.</p>}
    </>
  );
}

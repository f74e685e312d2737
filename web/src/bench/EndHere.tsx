import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { problemIn } from '../api/client';
import type { Kept } from '../api/types';
import { endQuery, endWork } from '../api/work';
import { count } from '../format';
import { thisWindow } from '../store/windows';

interface Props {
  work: string;
  position: number;
  nextSeq: number;
  unsent: number;
  onEnded: (place: Kept) => void;
  onLeave: () => void;
}

/** Before a seam is ended early: what stays open by it, and whether the seam on the other side ends there, too. */
export function EndHere({ work, position, nextSeq, unsent, onEnded, onLeave }: Props) {
  const view = useQuery({ ...endQuery(work, position), enabled: unsent === 0 });
  const [alike, setAlike] = useState(true);
  const twin = view.data?.twin;
  const isAlike = alike && twin !== undefined && !twin.refusal;
  const end = useMutation({
    mutationFn: () =>
      endWork(work, { client: thisWindow(), seq: nextSeq, joint: position, twinToo: isAlike }),
    onSuccess: onEnded,
  });
  const failed = end.error ?? view.error;
  return (
    <section className="end-here" aria-label="End the seam here">
      <h2>End it at joint {position}, and leave the rest open?</h2>
      {unsent > 0 ? (
        <p>Your joints are still being saved. This needs the connection; they are kept.</p>
      ) : (
        view.isPending && <p>Looking what it does …</p>
      )}
      {failed && <p className="wrong">{problemIn(failed).detail}</p>}
      {view.data?.refusal && <p className="wrong">{view.data.refusal}</p>}
      <Told lines={(isAlike ? twin.effects : view.data?.effects) ?? []} />
      {twin?.refusal && <p>{twin.refusal}</p>}
      {twin && !twin.refusal && (
        <Form.Check
          id="end-alike"
          label={`${twin.name} ends there, too`}
          checked={alike}
          onChange={({ target }) => setAlike(target.checked)}
        />
      )}
      <Button onClick={() => end.mutate()} disabled={!view.data || !!view.data.refusal || end.isPending}>
        End it here
      </Button>{' '}
      <Button variant="outline-dark" onClick={onLeave}>
        Go on instead
      </Button>
    </section>
  );
}

const SHOWN = 3;

function Told({ lines }: { lines: string[] }) {
  const rest = lines.slice(SHOWN);
  return (
    <>
      <List lines={lines.slice(0, SHOWN)} />
      {rest.length > 0 && (
        <details>
          <summary>and {count(rest.length, 'thing')} more</summary>
          <List lines={rest} />
        </details>
      )}
    </>
  );
}

function List({ lines }: { lines: string[] }) {
  return (
    <ul>
      {lines.map((words, index) => (
        <li key={index}>{words}</li>
      ))}
    </ul>
  );
}

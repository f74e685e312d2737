import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { ChangeOf, EdgePlan, LandmarkPlan, MarkerPlan } from '../api/types';
import { NumberField } from '../shell/NumberField';
import { MARKS, PURPOSES } from './kinds';

type Put = ChangeOf<'LANDMARK_PUT'>['landmark'];

/** Named places of an edge: alone, or a row of repeats, ribs or stripes by their first place and how far on they come back. */
export function LandmarkList({
  edge,
  onPut,
  onRemove,
}: {
  edge: EdgePlan;
  onPut: (landmark: Put) => void;
  onRemove: (id: string) => void;
}) {
  return (
    <details className="landmarks" open={edge.landmarks.length > 0}>
      <summary>
        Landmarks and markers: {edge.landmarks.length === 0 ? 'none yet' : edge.landmarks.length}
      </summary>
      <ul className="own-anchors">
        {edge.landmarks.map((landmark) => (
          <li key={landmark.id}>
            <span>
              <strong>{landmark.name}</strong>, {MARKS[landmark.kind]}: after {landmark.at}
              {landmark.times > 1 && `, then every ${landmark.every}, ${landmark.times} in all`}
              {landmark.marker && markerWords(landmark.marker)}
            </span>
            <Button
              variant="outline-dark"
              size="sm"
              aria-label={`Take off ${landmark.name}`}
              onClick={() => onRemove(landmark.id)}
            >
              Take off
            </Button>
          </li>
        ))}
      </ul>
      <NewLandmark edge={edge} onPut={onPut} />
    </details>
  );
}

function markerWords({ title, words, takeOut }: MarkerPlan): string {
  return `; a ${title} that ${words}${takeOut === '' ? '' : `, out ${takeOut}`}`;
}

function whole(text: string): number | undefined {
  return /^\d{1,4}$/.test(text.trim()) ? Number(text) : undefined;
}

function NewLandmark({ edge, onPut }: { edge: EdgePlan; onPut: (landmark: Put) => void }) {
  const [kind, setKind] = useState<LandmarkPlan['kind']>('REPEAT');
  const [name, setName] = useState('');
  const [at, setAt] = useState('');
  const [every, setEvery] = useState('');
  const [times, setTimes] = useState('');
  const [purpose, setPurpose] = useState<MarkerPlan['purpose'] | ''>('');
  const [colour, setColour] = useState('');
  const [takeOut, setTakeOut] = useState('');
  const hung = purpose !== '' ? purpose : kind === 'MARKER' ? 'ROW' : undefined;
  const first = whole(at);
  const apart = whole(every) ?? 0;
  const count = times.trim() === '' || kind === 'MARKER' ? 1 : whole(times);
  const tooFar = first !== undefined && count !== undefined && first + (count - 1) * apart > edge.units;
  const ready =
    first !== undefined && count !== undefined && count > 0 && !tooFar && (count === 1 || apart > 0);
  return (
    <Form
      className="new-pin"
      onSubmit={(event) => {
        event.preventDefault();
        if (ready) {
          onPut({
            id: `mark.${Date.now().toString(36)}`,
            name: name.trim() || MARKS[kind],
            kind,
            at: first,
            every: apart,
            times: count,
            ...(hung === undefined
              ? {}
              : { marker: { purpose: hung, colour: colour.trim(), takeOut: takeOut.trim() } }),
          });
          setName('');
          setAt('');
        }
      }}
    >
      <Form.Group controlId="mark-kind">
        <Form.Label>What lies there</Form.Label>
        <Form.Select value={kind} onChange={(event) => setKind(event.target.value as LandmarkPlan['kind'])}>
          {Object.entries(MARKS).map(([value, word]) => (
            <option key={value} value={value}>
              {word}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Form.Group controlId="mark-name">
        <Form.Label>Its name</Form.Label>
        <Form.Control value={name} maxLength={60} onChange={(event) => setName(event.target.value)} />
      </Form.Group>
      <NumberField id="mark-at" label="After" value={at} wrong={tooFar} onValue={setAt} />
      {kind !== 'MARKER' && (
        <>
          <NumberField id="mark-every" label="Then every" value={every} onValue={setEvery} />
          <NumberField id="mark-times" label="In all" value={times} placeholder="1" onValue={setTimes} />
        </>
      )}
      <Form.Group controlId="mark-purpose">
        <Form.Label>Marker</Form.Label>
        <Form.Select
          value={hung ?? ''}
          onChange={(event) => setPurpose(event.target.value as MarkerPlan['purpose'] | '')}
        >
          {kind !== 'MARKER' && <option value="">none hangs there</option>}
          {Object.entries(PURPOSES).map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {hung !== undefined && (
        <>
          <Form.Group controlId="mark-colour">
            <Form.Label>Its colour</Form.Label>
            <Form.Control value={colour} maxLength={40} onChange={(event) => setColour(event.target.value)} />
          </Form.Group>
          <Form.Group controlId="mark-out">
            <Form.Label>Take it out</Form.Label>
            <Form.Control
              className="wide"
              value={takeOut}
              maxLength={200}
              placeholder="when the seam is done"
              onChange={(event) => setTakeOut(event.target.value)}
            />
          </Form.Group>
        </>
      )}
      <Button type="submit" variant="outline-dark" disabled={!ready}>
        Mark
      </Button>
      {tooFar && (
        <p className="wrong" role="alert">
          The edge has {edge.units}; the last one would lie beyond it.
        </p>
      )}
    </Form>
  );
}

import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { Link, useSearchParams } from 'react-router';
import type { SeamPlan, StripPlan } from '../api/types';
import { useSize } from '../drawing/useSize';
import { count, counted, length, plural, yarnLength } from '../format';
import { HowTo } from '../howto/HowTo';
import { EarlierPlan } from '../shell/EarlierPlan';
import { Findings } from '../shell/Findings';
import { useEditor } from '../shell/GarmentPage';
import type { GarmentEditor } from '../shell/useGarment';
import { AtBench } from './AtBench';
import './edges.css';
import { RowForm } from './RowForm';
import { SegmentList } from './SegmentList';
import { StripForm } from './StripForm';
import { Unrolled } from './Unrolled';
import { LostStrips } from './LostStrips';
import { added, chosenStrip, firstStrip, onOpening, openingKey } from './strips';
import { useCountMoves } from './useCountMoves';

/** The open edges of the garment, unrolled, and what is worked onto them. */
export function EdgesView() {
  const editor = useEditor();
  const { plan } = editor.garment;
  const [query] = useSearchParams();
  const { ref, width } = useSize<HTMLDivElement>();
  const [id, setId] = useState(query.get('edging') ?? undefined);
  const [opening, setOpening] = useState(
    openingKey(plan.strips.find((one) => one.id === id)?.on) ??
      query.get('opening') ??
      openingKey(plan.gluing.openings[0]?.id),
  );
  const base = chosenStrip(plan.strips, opening, id);
  const { shown, findings, refused, moves } = useCountMoves(editor, base);
  const strip = shown ?? base;
  const open = plan.gluing.openings.find((each) => openingKey(each.id) === opening);
  const choose = (on: string | undefined, chosen?: string) => {
    setOpening(on);
    setId(chosen);
  };
  if (plan.gluing.openings.length === 0 && plan.strips.length === 0) {
    return (
      <p className="quiet">
        Nothing stays open once all is joined. <Link to="..">Back to the table</Link>.
      </p>
    );
  }
  return (
    <div className="table-view edges-view">
      <div ref={ref} className="edges-mat">
        <nav className="edge-tabs" aria-label="Openings">
          {plan.gluing.openings.map((each) => {
            const key = openingKey(each.id);
            const chosen = key === opening && !strip?.row;
            return (
              <Button
                key={key}
                size="sm"
                variant={chosen ? 'dark' : 'outline-dark'}
                aria-pressed={chosen}
                onClick={() => choose(key)}
              >
                {each.name}, {length(each.lengthMm, plan.unit)}
                {onOpening(plan.strips, key) ? ' ✓' : ''}
              </Button>
            );
          })}
        </nav>
        {strip && width > 0 ? (
          <Unrolled plan={plan} strip={strip} width={width} moves={moves} />
        ) : (
          open && (
            <div className="edge-empty">
              <h1>{open.name}</h1>
              <p>
                {length(open.lengthMm, plan.unit)} round, {open.corners}. Nothing is worked onto it yet.
              </p>
              <Button onClick={() => void editor.change([added(firstStrip(open))])}>
                Work an edging along it
              </Button>
            </div>
          )
        )}
      </div>
      <aside className="strip edges-strip" aria-label="Edging">
        <Findings findings={findings} title="Not so" />
        {refused && <p className="wrong">{refused}</p>}
        {strip ? (
          <Told key={strip.id} editor={editor} strip={strip} onChoose={setId} />
        ) : (
          <p className="soft">
            An edging finishes an opening: how many stitches to pick up along each edge, what to do at corners
            and seams, and how much smaller the opening gets are reckoned from the pieces.
          </p>
        )}
        <LostStrips editor={editor} />
        <RowList strips={plan.strips} chosen={strip?.id} onChoose={setId} />
        <Others strips={plan.strips} chosen={strip?.id} onChoose={choose} />
      </aside>
    </div>
  );
}

interface ToldProps {
  editor: GarmentEditor;
  strip: StripPlan;
  onChoose: (id?: string) => void;
}

function Told({ editor, strip, onChoose }: ToldProps) {
  const { plan } = editor.garment;
  const findings = plan.findings.filter((finding) => finding.strip === strip.id);
  return (
    <>
      <h1>{strip.strip.name}</h1>
      <p>
        {!strip.band && <strong>{stitches(strip)} </strong>}
        {strip.effects.join(' ')}{' '}
        {!strip.row &&
          `${length(strip.heightMm, plan.unit)} high, ${yarnLength(strip.yarnMm, plan.unit)} of yarn.`}
      </p>
      <Findings
        findings={findings}
        title="Before you work it"
        onDecide={(change) => void editor.change([change])}
      />
      <EarlierPlan
        garment={editor.garment}
        of={{ strip: strip.id }}
        to={`/garments/${editor.garment.id}/edging-bench/${strip.id}`}
      />
      <AtBench garment={editor.garment} strip={strip} />
      {strip.sewn && <SewnOn sewn={strip.sewn} />}
      {strip.diagnosis && <p className="wrong">{strip.diagnosis.words}</p>}
      {strip.row ? (
        <RowForm editor={editor} strip={strip} row={strip.row} onGone={() => onChoose(undefined)} />
      ) : (
        <StripForm editor={editor} strip={strip} onChoose={onChoose} />
      )}
      <SegmentList editor={editor} strip={strip} />
    </>
  );
}

/** How a band meets its edge, stretch by stretch between its quarters. */
function SewnOn({ sewn }: { sewn: SeamPlan }) {
  return (
    <details>
      <summary>
        Sewn on: {sewn.counts}, {count(sewn.joints, 'joint')}
      </summary>
      <ol>
        {sewn.intervals.map((interval) => (
          <li key={interval.heading}>
            {interval.heading}: {interval.words}
          </li>
        ))}
      </ol>
      <HowTo seam={sewn} />
    </details>
  );
}

interface ListProps {
  strips: StripPlan[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
}

/** Rows along edges that belong to the finished pieces: worked before they are joined, or while. */
function RowList({ strips, chosen, onChoose }: ListProps) {
  const rows = strips.filter(({ id, row }) => row && id !== chosen);
  if (rows.length === 0) {
    return null;
  }
  return (
    <section aria-label="Rows on pieces">
      <h2>Rows on pieces</h2>
      <ul className="openings">
        {rows.map(({ id, strip, row }) => (
          <li key={id}>
            <Button variant="link" size="sm" onClick={() => onChoose(id)}>
              {strip.name}
            </Button>
            <span>{row!.joining ? 'worked while it is joined' : 'worked before it is joined'}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function stitches({ rounds, outer }: StripPlan): string {
  const first = rounds[0]!.total;
  return rounds.length === 1
    ? `${first} stitches.`
    : `${first} stitches picked up, ${outer.units} in the last of ${rounds.length}.`;
}

function Others({
  strips,
  chosen,
  onChoose,
}: {
  strips: StripPlan[];
  chosen: string | undefined;
  onChoose: (opening: string | undefined, id: string) => void;
}) {
  const others = strips.filter(({ id, row }) => !row && id !== chosen);
  if (others.length === 0) {
    return null;
  }
  return (
    <section aria-label="Other edgings">
      <h2>
        {counted(others.length)} other {plural(others.length, 'edging', 'edgings')}
      </h2>
      <ul className="openings">
        {others.map((each) => (
          <li key={each.id}>
            <Button variant="link" size="sm" onClick={() => onChoose(openingKey(each.on), each.id)}>
              {each.strip.name}
            </Button>
            <span>{each.band ? each.band.words : `${each.outer.units} stitches`}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

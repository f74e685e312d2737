import { useMemo, useState } from 'react';
import { Button } from 'react-bootstrap';
import { Link, Navigate, useParams } from 'react-router';
import type { Change, FindingView, GarmentPlan, SeamPlan } from '../api/types';
import { useSize } from '../drawing/useSize';
import { EarlierPlan } from '../shell/EarlierPlan';
import { useEditor } from '../shell/GarmentPage';
import { Findings } from '../shell/Findings';
import { asHeld } from './asHeld';
import { EasePanel } from './EasePanel';
import '../joins/joins.css';
import { JoiningRows } from './JoiningRows';
import { Methods } from './Methods';
import { PhasePanel } from './PhasePanel';
import { Pins } from './Pins';
import { RailControls } from './RailControls';
import { stretchesOf } from './railGeometry';
import { Rails } from './Rails';
import { Repairs } from './Repairs';
import { Rhythm } from './Rhythm';
import { useAnchorMoves } from './useAnchorMoves';
import { WorkingPanel } from './WorkingPanel';

/** One seam: the rails, the rhythm in words, ease, and how to join. */
export function SeamView() {
  const editor = useEditor();
  const { seam: wanted } = useParams();
  const { garment } = editor;
  const first = garment.next?.seam ?? garment.plan.steps[0]?.seam ?? garment.plan.seams[0]?.id;
  const seam = garment.plan.seams.find((candidate) => candidate.id === wanted);
  if (!seam) {
    return first ? (
      <Navigate to={`/garments/${garment.id}/seam/${first}`} replace />
    ) : (
      <p className="quiet">This garment has no seams.</p>
    );
  }
  return <OpenSeam key={seam.id} seamId={seam.id} />;
}

const PHONE_PX = 620;

/** A phone shows one stretch at a time, everything else the whole seam. */
function firstNear(): number | undefined {
  return window.innerWidth < PHONE_PX ? 0 : undefined;
}

function OpenSeam({ seamId }: { seamId: string }) {
  const editor = useEditor();
  const { garment } = editor;
  const moves = useAnchorMoves(editor, seamId);
  const { ref, width } = useSize<HTMLDivElement>();
  const saved = garment.plan.seams.find((candidate) => candidate.id === seamId)!;
  const seam = moves.tried ?? saved;
  const held = useMemo(() => asHeld(seam, garment.plan.hand), [seam, garment.plan.hand]);
  const stretches = useMemo(() => stretchesOf(held.seam), [held]);
  const [near, setNear] = useState(firstNear);
  const [turned, setTurned] = useState(false);
  const wrongSide = turned !== held.wrongSide;
  const said = seamFindings(garment.plan, seamId);
  const progress = garment.progress.find((p) => p.seam === seamId);
  const joined = progress?.state === 'JOINED';
  return (
    <div className="seam">
      <div className="seam-head">
        <h1>{seam.name}</h1>
        <p>
          {seam.a.name} on {seam.b.name.toLowerCase()}. {seam.direction}
        </p>
        <SeamPicker garment={garment} seamId={seamId} />
        {seam.planned && (
          <Link className="btn btn-primary" to={`/garments/${garment.id}/bench/${seamId}`}>
            {joined ? 'See it at the bench' : progress?.work ? 'Go on at the bench' : 'Take it to the bench'}
          </Link>
        )}
        <EarlierPlan garment={garment} of={{ seam: seamId }} to={`/garments/${garment.id}/bench/${seamId}`} />
      </div>
      <div className="seam-near">
        <RailControls
          stretches={stretches}
          near={near}
          onNear={setNear}
          wrongSide={wrongSide}
          onTurn={() => setTurned(!turned)}
        />
        <div ref={ref} className="seam-rails">
          {width > 0 && (
            <Rails
              seam={held.seam}
              pieces={garment.plan.pieces}
              unit={garment.plan.unit}
              width={width}
              stretch={near === undefined ? undefined : stretches[near]}
              wrongSide={wrongSide}
              waveMm={garment.plan.ladder.waveMm}
              mirrored={turned !== held.fromRight}
              asHeld={!turned && seam.hold !== undefined}
              onMove={(anchor, side, position) =>
                moves.move(anchor, held.swapped ? otherSide(side) : side, position)
              }
              onDone={() => void moves.done()}
              onRest={moves.restThenDone}
              onCancel={moves.cancel}
            />
          )}
        </div>
      </div>
      <Findings findings={moves.findings} title="The anchor cannot lie there" />
      {moves.refused && <p className="wrong">{moves.refused}</p>}
      <Findings
        findings={said.filter((finding) => finding.level !== 'NOTE')}
        title="What stands out here"
        onDecide={(change) => void editor.change([change])}
      />
      <EndAlike plan={garment.plan} seam={saved} onChange={(change) => void editor.change([change])} />
      <div className="seam-words" aria-live="polite">
        <div>
          <EasePanel
            seam={seam}
            ladder={garment.plan.ladder}
            unit={garment.plan.unit}
            rulesAt={`/garments/${garment.id}/rules`}
          />
          <PhasePanel seam={seam} unit={garment.plan.unit} />
          <Methods
            garment={garment}
            seam={saved}
            onChoose={(method, alone) => void editor.change(joinedAlike(garment.plan, saved, method, alone))}
          />
        </div>
        <div>
          <Rhythm seam={seam} unit={garment.plan.unit} />
        </div>
        <div>
          <JoiningRows seam={saved} editor={editor} />
          <Repairs seam={saved} editor={editor} />
          <WorkingPanel
            seam={saved}
            twinName={garment.plan.seams.find((other) => other.id === saved.twin)?.name}
            onChange={(changes) => void editor.change(changes)}
          />
          <Pins seam={saved} onChange={(change) => void editor.change([change])} />
        </div>
      </div>
      <Findings
        findings={said.filter((finding) => finding.level === 'NOTE')}
        title="Also noted"
        onDecide={(change) => void editor.change([change])}
      />
    </div>
  );
}

function otherSide(side: 'A' | 'B'): 'A' | 'B' {
  return side === 'A' ? 'B' : 'A';
}

/** Where only the seam on the other side was ended early, this one may end there, too. */
function EndAlike({ plan, seam, onChange }: EndAlikeProps) {
  const ended = plan.findings.filter(({ code }) => code === 'SEAM_ENDED').map((finding) => finding.seam);
  const twin = plan.seams.find(({ id }) => id === seam.twin);
  return (
    twin &&
    ended.includes(twin.id) &&
    !ended.includes(seam.id) && (
      <Button variant="outline-dark" onClick={() => onChange({ kind: 'SEAM_ENDED_ALIKE', seam: seam.id })}>
        End it where the {twin.name.toLowerCase()} ends
      </Button>
    )
  );
}

interface EndAlikeProps {
  plan: GarmentPlan;
  seam: SeamPlan;
  onChange: (change: Change) => void;
}

/** A method for a seam, and for its twin where both were joined alike so far: twins part only when the maker parts them. */
function joinedAlike(plan: GarmentPlan, seam: SeamPlan, method: string, alone: boolean): Change[] {
  const twin = plan.seams.find((other) => other.id === seam.twin);
  const alike =
    !alone && twin?.method === seam.method && twin?.advice.ranking.some((ranked) => ranked.method === method);
  return [seam.id, ...(twin && alike ? [twin.id] : [])].map((id) => ({
    kind: 'METHOD_CHOSEN',
    seam: id,
    method,
  }));
}

/** What is said of the seam, and what is to be decided of the edges it joins. */
function seamFindings(plan: GarmentPlan, seamId: string): FindingView[] {
  const own = plan.findings.filter((finding) => finding.seam === seamId);
  const toDecide = plan.steps.find((step) => step.seam === seamId)?.toDecide ?? [];
  return [...own, ...toDecide.filter((finding) => finding.seam !== seamId)];
}

function SeamPicker({
  garment,
  seamId,
}: {
  garment: ReturnType<typeof useEditor>['garment'];
  seamId: string;
}) {
  const index = garment.plan.seams.findIndex((seam) => seam.id === seamId);
  const before = garment.plan.seams[index - 1];
  const after = garment.plan.seams[index + 1];
  return (
    <span className="seam-picker">
      {before && <Link to={`/garments/${garment.id}/seam/${before.id}`}>← {before.name}</Link>}
      {after && <Link to={`/garments/${garment.id}/seam/${after.id}`}>{after.name} →</Link>}
    </span>
  );
}

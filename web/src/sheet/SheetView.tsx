import { useQuery } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { sheetQuery } from '../api/garments';
import type { AssemblySheet, SeamPlan } from '../api/types';
import { useEditor } from '../shell/GarmentPage';
import { HowToPicture } from '../howto/HowToPicture';
import '../howto/howto.css';
import { Failed, Loading } from '../shell/Messages';

/** The assembly sheet on screen, ready for the printer; the words come from the server. */
export function SheetView() {
  const { garment } = useEditor();
  const query = useQuery(sheetQuery(garment.id, garment.version));
  if (query.isError) {
    return <Failed error={query.error} again={() => void query.refetch()} />;
  }
  if (!query.data) {
    return <Loading what="Writing the sheet…" />;
  }
  const sheet = query.data;
  return (
    <div className="sheet-view">
      <div className="sheet-actions">
        <Button onClick={() => window.print()}>Print it</Button>
        <a
          className="btn btn-outline-dark"
          href={`/api/garments/${garment.id}/sheet.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          Open as PDF
        </a>
        <span className="soft">A4, readable in black and white.</span>
      </div>
      <article className="sheet">
        <h1>{sheet.title}</h1>
        <p>{sheet.about}</p>
        <img
          className="sheet-picture"
          src={`/api/garments/${garment.id}/table.svg?version=${garment.version}`}
          alt="The pieces as they lie, with their counts"
        />
        <Lines title="Look at this first" lines={sheet.look} />
        <h2>Pieces</h2>
        {sheet.pieces.map((piece) => (
          <p key={piece.name} className="tick">
            <Box />
            <span>
              <strong>{piece.name}.</strong> {piece.edges.join(' · ')}
            </span>
          </p>
        ))}
        {sheet.boards.length > 0 && <h2>Squares into boards</h2>}
        {sheet.boards.map((board) => (
          <LineBlock key={board.title} block={board} />
        ))}
        <h2>Seams, in order</h2>
        {sheet.steps.map((step) => (
          <Step
            key={step.number}
            step={step}
            seam={step.shown ? garment.plan.seams.find(({ id }) => id === step.seam) : undefined}
          />
        ))}
        {sheet.edgings.length > 0 && <h2>Edgings and bands</h2>}
        {sheet.edgings.map((edging) => (
          <LineBlock key={edging.title} block={edging} />
        ))}
        <h2>Ends to weave in</h2>
        {sheet.ends.map((end, index) => (
          <p key={index} className="tick">
            <Box />
            <span>{end}</span>
          </p>
        ))}
        <Lines title="What stays open" lines={sheet.openings} />
        <Lines title="Care" lines={sheet.care} />
      </article>
    </div>
  );
}

function Box() {
  return <span className="tick-box" aria-hidden="true" />;
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) {
    return null;
  }
  return (
    <>
      <h2>{title}</h2>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </>
  );
}

interface StepProps {
  step: AssemblySheet['steps'][number];
  /** Drawn where the method is worked for the first time. */
  seam: SeamPlan | undefined;
}

function Step({ step, seam }: StepProps) {
  return (
    <section className="sheet-step">
      <h3 className="tick">
        <Box />
        <span>
          {step.number}. {step.title}
        </span>
      </h3>
      {step.first.map((words) => (
        <p key={words}>
          <strong>{words}</strong>
        </p>
      ))}
      <p>
        {step.counts}. {step.direction}
      </p>
      <p>
        {step.method}. Yarn: <span className="blank" /> {step.yarn}
      </p>
      {seam?.howTo ? (
        <div className="sheet-how">
          <HowToPicture seam={seam} howTo={seam.howTo} />
          <p>{step.how}</p>
        </div>
      ) : (
        step.how && <p>{step.how}</p>
      )}
      <p>{step.ease}</p>
      {step.rhythms.map((rhythm) => (
        <p key={rhythm.heading}>
          {rhythm.heading}: <strong>{rhythm.words}.</strong>
        </p>
      ))}
      {step.markers.length > 0 && (
        <table>
          <thead>
            <tr>
              <td />
              <th scope="col">Marker</th>
              <th scope="col">First side</th>
              <th scope="col">Second side</th>
            </tr>
          </thead>
          <tbody>
            {step.markers.map((marker) => (
              <tr key={marker.number}>
                <td>
                  <Box />
                </td>
                <th scope="row">
                  {marker.number}
                  {marker.name && `, ${marker.name}`}
                </th>
                <td>{marker.placeA}</td>
                <td>{marker.placeB}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {step.closing.map((words) => (
        <p key={words}>{words}</p>
      ))}
    </section>
  );
}

/** A step to tick off line by line. */
function LineBlock({ block }: { block: AssemblySheet['boards'][number] }) {
  return (
    <section className="sheet-step">
      <h3>{block.title}</h3>
      <p>{block.words}</p>
      {block.lines.map((line, index) => (
        <p key={index} className="tick">
          <Box />
          <span>{line}</span>
        </p>
      ))}
    </section>
  );
}

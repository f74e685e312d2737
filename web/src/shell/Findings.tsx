import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { Change, FindingView } from '../api/types';

interface Props {
  findings: FindingView[];
  title: string;
  /** Where given, what may be left as it is can be, and taken back. */
  onDecide?: (change: Change) => void;
  /** Whether they are about a file, so that their places in it are told. */
  ofFile?: boolean;
}

/** Findings with what to do about each, in the order they come. */
export function Findings({ findings, title, onDecide, ofFile = false }: Props) {
  if (findings.length === 0) {
    return null;
  }
  const decide = findings.some((finding) => finding.level === 'DECIDE_FIRST');
  return (
    <section
      className={decide ? 'findings' : 'findings mild'}
      role={decide ? 'alert' : 'note'}
      aria-label={title}
    >
      <h3>{title}</h3>
      <ul>
        {findings.map((finding, index) => (
          <li key={finding.key ?? index} className={finding.level.toLowerCase().replace('_', '-')}>
            {onDecide && <span className="level">{finding.levelWords}:</span>}{' '}
            {ofFile && finding.path && <code>{finding.path}</code>} <strong>{finding.sentence}</strong>{' '}
            {finding.left ? <LeftSo finding={finding} onDecide={onDecide} /> : finding.remedy}
            {onDecide && !finding.left && <Press finding={finding} onDecide={onDecide} />}{' '}
            {onDecide && finding.key && !finding.left && <LeaveSo finding={finding} onDecide={onDecide} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What mends it with one press. */
function remedyOf({ code, piece, seam }: FindingView): { words: string; change: Change } | undefined {
  if (code === 'TURNED' && piece) {
    return { words: 'Turn it over', change: { kind: 'PIECE_TURNED_OVER', piece } };
  }
  return code === 'SEAM_ENDED' && seam
    ? { words: 'Join it to its end', change: { kind: 'SEAM_WHOLE', seam } }
    : undefined;
}

function Press({ finding, onDecide }: { finding: FindingView; onDecide: (change: Change) => void }) {
  const remedy = remedyOf(finding);
  return (
    remedy && (
      <Button variant="outline-dark" size="sm" onClick={() => onDecide(remedy.change)}>
        {remedy.words}
      </Button>
    )
  );
}

interface OneProps {
  finding: FindingView;
  onDecide?: ((change: Change) => void) | undefined;
}

function LeftSo({ finding, onDecide }: OneProps) {
  return (
    <>
      Left so: {finding.left}{' '}
      {onDecide && (
        <Button
          variant="link"
          size="sm"
          onClick={() => onDecide({ kind: 'FINDING_TAKEN_BACK', finding: finding.key! })}
        >
          Take that back
        </Button>
      )}
    </>
  );
}

/** Asks for the reason before something is left as it is. */
function LeaveSo({ finding, onDecide }: OneProps) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  if (!open) {
    return (
      <Button variant="link" size="sm" onClick={() => setOpen(true)}>
        Leave it so…
      </Button>
    );
  }
  return (
    <Form
      className="leave-so"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== '') {
          onDecide?.({ kind: 'FINDING_LEFT', finding: finding.key!, what: reason.trim() });
        }
      }}
    >
      <Form.Control
        size="sm"
        autoFocus
        maxLength={bounds.reason}
        placeholder="Why it is right as it is"
        aria-label="Why it is right as it is"
        value={reason}
        onChange={(event) => setReason(event.target.value)}
      />
      <Button size="sm" type="submit" disabled={reason.trim() === ''}>
        Leave it so
      </Button>
      <Button size="sm" variant="outline-dark" onClick={() => setOpen(false)}>
        Not now
      </Button>
    </Form>
  );
}

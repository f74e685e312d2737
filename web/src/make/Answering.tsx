import { type ReactNode, useMemo, useState } from 'react';
import { Button } from 'react-bootstrap';
import type { AnswerMap, Construction, FindingView } from '../api/types';
import { useSize } from '../drawing/useSize';
import { Findings } from '../shell/Findings';
import { AnswerList } from './AnswerList';
import { asking, isAsked } from './asking';
import { DrawingNotes, GrowingDrawing } from './GrowingDrawing';
import { useAnswers } from './useAnswers';

/** Below this the drawing has no room for fields; they stand in the list. */
const LEAST_PX = 600;

interface Props {
  construction: Construction;
  given: AnswerMap;
  title: string;
  about: string;
  action: string;
  refused: FindingView[];
  onDone: (answers: AnswerMap) => Promise<unknown>;
  children?: ReactNode;
}

/** The numbers of a construction, each asked for where it is measured on what they make. */
export function Answering({ construction, given, title, about, action, refused, onDone, children }: Props) {
  const { texts, answers, setText, drawn: plan, findings, silent } = useAnswers(construction, given);
  const [busy, setBusy] = useState(false);
  const [current, setCurrent] = useState<string>();
  const { ref, width, height } = useSize<HTMLDivElement>();
  const asked = construction.questions.filter((question) => isAsked(question, texts));
  const askings = asked.map((question) => asking(question, texts, setText, plan, findings));
  const numbers = asked
    .filter(({ type }) => type !== 'CHOICE')
    .map(({ key }) => key)
    .join(' ');
  // Not measured yet, it is taken to have room: a field that moved would lose the focus.
  const hasRoom = (width === 0 || width >= LEAST_PX) && !(silent && plan === undefined);
  const drawn = useMemo(() => (hasRoom ? numbers.split(' ') : []), [hasRoom, numbers]);
  const done = async () => {
    setBusy(true);
    await onDone(answers);
    setBusy(false);
  };
  return (
    <form
      className="make"
      onSubmit={(event) => {
        event.preventDefault();
        void done();
      }}
    >
      <div className="make-form">
        <h1>{title}</h1>
        <p className="soft">{about}</p>
        {children}
        <AnswerList askings={askings} drawn={drawn} current={current} onCurrent={setCurrent} />
        <Findings findings={refused} title="It cannot be laid out yet" />
      </div>
      <div className="make-drawing">
        <div ref={ref} className="make-mat">
          <GrowingDrawing
            plan={plan}
            askings={askings}
            drawn={drawn}
            current={current}
            onCurrent={setCurrent}
            width={width}
            height={height}
          />
        </div>
        <div className="make-go">
          <DrawingNotes askings={askings} />
          <Button
            type="submit"
            disabled={busy || findings.some((finding) => finding.level === 'DECIDE_FIRST')}
          >
            {action}
          </Button>
        </div>
      </div>
    </form>
  );
}

import { type ReactNode, useState } from 'react';
import { Button } from 'react-bootstrap';
import type { AnswerMap, Construction, FindingView, Question } from '../api/types';
import { Findings } from '../shell/Findings';
import { GrowingDrawing } from './GrowingDrawing';
import { QuestionField } from './QuestionField';
import { useAnswers } from './useAnswers';

/** Whether a question is asked after what the others are answered, or usually are. */
function isAsked({ when }: Question, texts: Record<string, string>): boolean {
  return when === undefined || (texts[when.key] ? texts[when.key] === when.value : when.usual);
}

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

/** The questions of a construction beside what the answers make. */
export function Answering({ construction, given, title, about, action, refused, onDone, children }: Props) {
  const { texts, answers, setText, drawn, findings } = useAnswers(construction, given);
  const [busy, setBusy] = useState(false);
  const asked = construction.questions.filter((question) => isAsked(question, texts));
  const groups = [...new Set(asked.map((question) => question.groupTitle))];
  const done = async () => {
    setBusy(true);
    await onDone(answers);
    setBusy(false);
  };
  return (
    <div className="make">
      <form
        className="make-form"
        onSubmit={(event) => {
          event.preventDefault();
          void done();
        }}
      >
        <h1>{title}</h1>
        <p className="soft">{about}</p>
        {children}
        {groups.map((title) => (
          <fieldset key={title}>
            <legend className="display">{title}</legend>
            {asked
              .filter((question) => question.groupTitle === title)
              .map((question) => (
                <QuestionField
                  key={question.key}
                  question={question}
                  text={texts[question.key] ?? ''}
                  onText={(text) => setText(question.key, text)}
                  finding={findings.find((finding) => finding.answer === question.key)}
                  usual={drawn?.assumed.find((a) => a.answer === question.key)?.value}
                  consequence={drawn?.consequences.find((c) => c.answer === question.key)?.sentence}
                />
              ))}
          </fieldset>
        ))}
        <Findings findings={refused} title="It cannot be laid out yet" />
        <div className="make-go">
          <Button
            type="submit"
            disabled={busy || findings.some((finding) => finding.level === 'DECIDE_FIRST')}
          >
            {action}
          </Button>
          {findings.length > 0 && <span className="soft">Mend the marked numbers first.</span>}
        </div>
      </form>
      <GrowingDrawing
        plan={drawn}
        assumed={drawn?.assumed.map((a) => a.answer) ?? []}
        questions={asked}
        stale={findings.some((f) => f.level === 'DECIDE_FIRST')}
      />
    </div>
  );
}

import type { Asking } from './asking';
import { AnswerRow } from './AnswerRow';
import { QuestionField } from './QuestionField';

interface Props {
  askings: Asking[];
  /** The questions that are asked on the drawing. */
  drawn: string[];
  current: string | undefined;
  onCurrent: (key: string) => void;
}

/** All questions by stage; those with a place on the drawing are answered there. */
export function AnswerList({ askings, drawn, current, onCurrent }: Props) {
  const stages = [...new Set(askings.map(({ question }) => question.groupTitle))];
  return stages.map((title) => (
    <fieldset key={title}>
      <legend className="display">{title}</legend>
      {askings
        .filter(({ question }) => question.groupTitle === title)
        .map((asking) => {
          const { key } = asking.question;
          return drawn.includes(key) ? (
            <AnswerRow
              key={key}
              asking={asking}
              current={current === key}
              onGo={() => document.getElementById(key)?.focus()}
            />
          ) : (
            <QuestionField key={key} asking={asking} onFocus={() => onCurrent(key)} />
          );
        })}
    </fieldset>
  ));
}

import { Form } from 'react-bootstrap';
import type { FindingView, Question } from '../api/types';

interface Props {
  question: Question;
  text: string;
  onText: (text: string) => void;
  finding: FindingView | undefined;
  consequence: string | undefined;
  /** The value taken while the question has no answer. */
  usual: string | undefined;
}

/** One question with what follows from its answer, or what is wrong with it. */
export function QuestionField({ question, text, onText, finding, consequence, usual }: Props) {
  const below = `${question.key}-below`;
  return (
    <Form.Group controlId={question.key} className="question">
      <Form.Label>{question.label}</Form.Label>
      {question.type === 'CHOICE' ? (
        <Form.Select
          value={text}
          onChange={(event) => onText(event.target.value)}
          aria-describedby={below}
          isInvalid={Boolean(finding)}
          className={text === '' ? 'assumed' : ''}
        >
          <option value="">
            {usual ? (question.choices.find((c) => c.value === usual)?.label ?? usual) : 'Choose'}
          </option>
          {question.choices.map((choice) => (
            <option key={choice.value} value={choice.value}>
              {choice.label}
            </option>
          ))}
        </Form.Select>
      ) : (
        <Form.Control
          value={text}
          inputMode="decimal"
          placeholder={usual ? `${usual}, assumed` : ''}
          onChange={(event) => onText(event.target.value)}
          aria-describedby={below}
          aria-invalid={Boolean(finding)}
          isInvalid={Boolean(finding)}
        />
      )}
      <div id={below} className="question-below">
        {finding ? (
          <span className="wrong" role="alert">
            {finding.sentence} {finding.remedy}
          </span>
        ) : (
          <span className="soft">
            {question.type === 'CHOICE' && usual !== undefined && 'Assumed. '}
            {consequence ?? question.help}
          </span>
        )}
      </div>
    </Form.Group>
  );
}

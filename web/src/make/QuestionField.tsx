import { Form } from 'react-bootstrap';
import { type Asking, below } from './asking';

/** One question in the list, with what follows from its answer, or what is wrong with it. */
export function QuestionField({ asking, onFocus }: { asking: Asking; onFocus?: () => void }) {
  const { question, text, onText, usual, finding } = asking;
  const belowId = `${question.key}-below`;
  return (
    <Form.Group controlId={question.key} className="question" onFocus={onFocus}>
      <Form.Label>{question.label}</Form.Label>
      {question.type === 'CHOICE' ? (
        <Form.Select
          value={text}
          onChange={(event) => onText(event.target.value)}
          aria-describedby={belowId}
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
          aria-describedby={belowId}
          aria-invalid={Boolean(finding)}
          isInvalid={Boolean(finding)}
        />
      )}
      <div id={belowId} className="question-below">
        <span className={finding ? 'wrong' : 'soft'} role={finding ? 'alert' : undefined}>
          {below(asking)}
        </span>
      </div>
    </Form.Group>
  );
}

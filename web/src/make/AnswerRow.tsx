import { useEffect, useRef } from 'react';
import { type Asking, below } from './asking';

interface Props {
  asking: Asking;
  current: boolean;
  /** Goes to the field on the drawing. */
  onGo: () => void;
}

/** A number that is asked for on the drawing: what it is here, and what it says once it is in hand. */
export function AnswerRow({ asking, current, onGo }: Props) {
  const { question, text, usual, finding, blamed } = asking;
  const row = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (current) {
      row.current?.scrollIntoView({ block: 'nearest' });
    }
  }, [current]);
  const value = text === '' ? usual : text;
  const state = finding ? 'is-wrong' : blamed ? 'is-blamed' : text === '' ? 'is-assumed' : '';
  return (
    <div ref={row} className={`answer-row ${state} ${current ? 'is-current' : ''}`}>
      <button type="button" tabIndex={-1} onClick={onGo}>
        <span>{question.label}</span>
        <span className="answer-value">
          {value ?? '…'}
          {text === '' && <span className="visually-hidden"> assumed</span>}
        </span>
      </button>
      <p
        id={`${question.key}-below`}
        className={current || finding ? (finding ? 'wrong' : 'soft') : 'visually-hidden'}
        role={finding ? 'alert' : undefined}
      >
        {below(asking)}
      </p>
    </div>
  );
}

import type { CSSProperties } from 'react';
import type { Asking } from './asking';
import { DrawnField } from './DrawnField';
import { FIELD, type PlacedField } from './fieldPlaces';

const TICK_PX = 6;

function lineOf({ from, to }: PlacedField): string {
  const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const across = { x: (-(to.y - from.y) / long) * TICK_PX, y: ((to.x - from.x) / long) * TICK_PX };
  const tick = (at: { x: number; y: number }) =>
    `M${at.x - across.x} ${at.y - across.y}L${at.x + across.x} ${at.y + across.y}`;
  return `M${from.x} ${from.y}L${to.x} ${to.y}${tick(from)}${tick(to)}`;
}

/** From the middle of a line to its field, where that stands beside it. */
function leaderOf({ from, to, at }: PlacedField): string {
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  return `M${middle.x} ${middle.y}L${at.x} ${at.y}`;
}

interface Props {
  fields: PlacedField[];
  askings: Asking[];
  current: string | undefined;
  onCurrent: (key: string) => void;
  width: number;
  height: number;
}

/** Dimension lines over the drawing with a field on each; dashed where the number is only assumed. */
export function DrawnFields({ fields, askings, current, onCurrent, width, height }: Props) {
  const of = (key: string) => askings.find(({ question }) => question.key === key)!;
  return (
    <>
      <svg className="drawn-lines" width={width} height={height} aria-hidden="true">
        {fields.map((field) => {
          const { text, finding, blamed } = of(field.key);
          const state = finding || blamed ? 'is-wrong' : field.key === current ? 'is-current' : '';
          return (
            <g key={field.key} className={`${state} ${text === '' ? 'is-assumed' : ''}`}>
              <path className="halo" d={lineOf(field)} />
              <path d={leaderOf(field)} className="leader" />
              <path d={lineOf(field)} />
            </g>
          );
        })}
      </svg>
      {askings.map(({ question: { key, label } }) => {
        const field = fields.find((candidate) => candidate.key === key);
        const style: CSSProperties | undefined = field && {
          left: field.at.x - FIELD.width / 2,
          top: field.at.y - FIELD.height / 2,
          width: FIELD.width,
        };
        return (
          field && (
            <div key={key} className="drawn-place" style={style}>
              <DrawnField asking={of(key)} onCurrent={() => onCurrent(key)} />
              {current === key && (
                <span className="drawn-name" aria-hidden="true">
                  {label}
                </span>
              )}
            </div>
          )
        );
      })}
    </>
  );
}

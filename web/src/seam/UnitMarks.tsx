import { isOnEdge } from '../drawing/geometry';
import type { DrawnUnit } from './units';

interface Props {
  units: DrawnUnit[];
  x: (mm: number) => number;
  pxPerMm: number;
  y: number;
  height: number;
  figure?: 'joints' | 'number';
  /** Units too small to be told apart are drawn as one band. */
  banded?: boolean;
}

const FULL_FROM_PX = 12;

/** A chain link with its point the way the seam is worked: from x, w wide, w < 0 to the left. */
function link(x: number, y: number, w: number, h: number): string {
  const m = y + h / 2;
  return `M${x + w} ${m}C${x + w * 0.6} ${y - h * 0.05} ${x + w * 0.02} ${y - h * 0.02} ${x + w * 0.04} ${m}C${x + w * 0.02} ${y + h * 1.02} ${x + w * 0.6} ${y + h * 1.05} ${x + w} ${m}Z`;
}

function barrel(x: number, y: number, w: number, h: number): string {
  const dip = h * 0.14;
  return `M${x} ${y}Q${x + w / 2} ${y + dip} ${x + w} ${y}V${y + h}Q${x + w / 2} ${y + h - dip} ${x} ${y + h}Z`;
}

/** A chain that spans a gap. */
function arch(x: number, y: number, w: number, h: number): string {
  const thick = Math.min(8, h * 0.3);
  return `M${x} ${y + h}C${x} ${y - h * 0.3} ${x + w} ${y - h * 0.3} ${x + w} ${y + h}h${-thick}C${x + w - thick} ${y + h * 0.1} ${x + thick} ${y + h * 0.1} ${x + thick} ${y + h}Z`;
}

/** A place in a corner or where two pieces meet: a bead. */
function bead(x: number, y: number, w: number, h: number): string {
  const r = Math.min(Math.max(w, 8) / 2, h / 2);
  const m = x + w / 2;
  return `M${m - r} ${y + h / 2}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;
}

/** Stitch tops as chain links, row ends as barrels with their number of joints, spaces as arches, corner and seam places as beads; the rarer kind filled, no-ease underlined. */
export function UnitMarks({ units, x, pxPerMm, y, height, figure = 'joints', banded = false }: Props) {
  const smallest =
    Math.min(...units.filter((unit) => unit.kind !== 'SEAM_PLACE').map((unit) => unit.widthMm)) * pxPerMm;
  const shape = (unit: DrawnUnit) => {
    const from = x(unit.fromMm);
    const way = x(unit.fromMm + unit.widthMm) - from;
    const w = Math.abs(way);
    const gap = banded ? -0.5 : Math.min(1.5, w * 0.06);
    if (unit.kind === 'CHAIN_SPACE' && !banded) {
      return arch(Math.min(from, from + way) + gap, y, w - 2 * gap, height);
    }
    if (!isOnEdge(unit)) {
      return bead(Math.min(from, from + way), y, w, height);
    }
    return unit.kind === 'ROW_END' || banded
      ? barrel(Math.min(from, from + way) + gap, y, w - 2 * gap, height)
      : link(from, y + height * 0.2, way, height * 0.6);
  };
  const paths = (rare: boolean) =>
    units
      .filter((unit) => unit.rare === rare)
      .map(shape)
      .join('');
  return (
    <g aria-hidden="true">
      <path
        d={paths(false)}
        fill="var(--cloth)"
        stroke={banded ? 'none' : 'var(--outline)'}
        strokeWidth={smallest < FULL_FROM_PX ? 0.6 : 1.3}
      />
      <path
        d={paths(true)}
        fill="var(--weld)"
        stroke={banded ? 'none' : 'var(--outline)'}
        strokeWidth={smallest < FULL_FROM_PX ? 0.6 : 1.3}
      />
      <path
        d={units
          .filter((unit) => unit.noEase)
          .map((unit) => `M${x(unit.fromMm)} ${y + height + 3}H${x(unit.fromMm + unit.widthMm)}`)
          .join('')}
        stroke="var(--mulberry)"
        strokeWidth={4}
      />
      {units
        .filter((unit) => unit.kind === 'ROW_END' && unit.widthMm * pxPerMm >= FULL_FROM_PX + 4)
        .map((unit) => (
          <text
            key={unit.key}
            x={x(unit.fromMm + unit.widthMm / 2)}
            y={y + height / 2 + 1}
            className={unit.rare ? 'barrel-figure rare' : 'barrel-figure'}
          >
            {unit[figure]}
          </text>
        ))}
    </g>
  );
}

/** Short help for each view: what it is for and what to do next. */
export interface Help {
  title: string;
  lines: string[];
}

const HELP: Record<string, Help> = {
  rules: {
    title: 'House rules',
    lines: [
      'Numbers of judgement: what the house takes, why, and where it is used.',
      'Type your own; it holds for this garment, and all that follows is reckoned anew.',
      'Empty a field, or press the button beside it, to take the house’s number again.',
    ],
  },
  shelf: {
    title: 'The shelf',
    lines: [
      'Every garment in hand, drawn to one scale, with its one next step.',
      'Lay out a new one from about a dozen counts, or open a garment file.',
      'Archive what is finished; it can be put back at any time.',
    ],
  },
  table: {
    title: 'The table',
    lines: [
      'The pieces lie opened out, right sides up. Threads show which edges will be joined; the red one is next.',
      'Wheel or + and − to come nearer, drag the mat or use the arrow keys to move it, 0 to see all.',
      'Drag a piece to move it, or choose it in the list beside and nudge or turn it there.',
      'As worn shows front and back put together.',
    ],
  },
  pieces: {
    title: 'Pieces',
    lines: [
      'Count the finished pieces and type what you find as made. Seams use that count from then on.',
      'Left and right are compared: what is not alike is named.',
    ],
  },
  edges: {
    title: 'Edges',
    lines: [
      'Each opening unrolled, stretch under stretch in the order of work, with the rounds worked onto it.',
      'Change the rounds, the multiple, or the stitches of one stretch; left and right follow, and so do length, neck and cuffs.',
      'Type what you really worked: the other side takes it as its target, and what ripples or pulls in is named.',
    ],
  },
  squares: {
    title: 'Squares',
    lines: [
      'Tell the colourways your squares are made in and how many there are; place them so that no two neighbours are alike.',
      'Take a square and then another to swap them, or drag one onto the other; a kept square stays where it is.',
      'Choose how a board is joined and see its path pass by pass; each line goes to the bench by itself.',
    ],
  },
  'by-hand': {
    title: 'By hand',
    lines: [
      'Point at a free edge, then at the one it meets; what would come of it is said before you keep it.',
      'Open a seam to name it, turn it, part it, go on with another, or take it out. A piece of your own can be walked round anew.',
    ],
  },
  numbers: {
    title: 'The numbers',
    lines: ['Change an answer and the pieces are made anew; what you decided since stays on top of it.'],
  },
  seam: {
    title: 'A seam',
    lines: [
      'Two edges facing each other, to scale. Each line is one joint; rings are markers.',
      'Take a bead by pointer, or focus it and use the arrow keys, to move an anchor. Enter saves, Escape leaves it.',
      'Near shows one stretch between markers; the wave is what stands up if the surplus is not eased.',
    ],
  },
  fit: {
    title: 'Fit',
    lines: [
      'Measure the wearer, not the garment: what you type is held against the finished sizes, before it is too late to change.',
      'Openings count as far as their edge stretches; the least stretchy edge decides.',
    ],
  },
  joins: {
    title: 'Joins',
    lines: [
      'Say what you want of the seams and how you like to join; each answer is a sum you can follow.',
      'One choice holds for all seams of a kind. Open a seam to choose for it alone, or to ask why not another.',
      'The little pieces of cloth show the right side as joined.',
    ],
  },
  yarn: {
    title: 'Yarn',
    lines: [
      'Tell the yarns you work with; weigh what is left, and see whether it is enough and what to buy.',
      'Each seam takes its length times a factor, and a tail at each end. Measure your own factor: twenty joints will do.',
    ],
  },
  order: {
    title: 'The order',
    lines: [
      'Each step says why it stands there. Take a step by its grip, or focus the grip and use the arrow keys.',
      'A move against a must is refused with its reason. Finished steps stay.',
    ],
  },
  sheet: {
    title: 'The sheet',
    lines: ['Everything on paper with boxes to tick. Print it, or save it as PDF.'],
  },
  bench: {
    title: 'The bench',
    lines: [
      'One joint at a time. Space, a tap or the pedal says it is done; Backspace goes back one.',
      'Leave whenever you like: your place is kept to the joint.',
    ],
  },
};

export function helpFor(view: string): Help {
  return HELP[view] ?? HELP['table']!;
}

export const SHORTCUTS: [string, string][] = [
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'do again'],
  ['?', 'this help'],
  ['+ − 0', 'table: nearer, further, all'],
  ['Arrow keys', 'table: move the mat; seam: move an anchor; order: move a step'],
  ['Space, →', 'bench: joint done'],
  ['Backspace, ←', 'bench: back one'],
];

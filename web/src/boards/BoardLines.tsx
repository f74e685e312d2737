import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { linesQuery } from '../api/work';
import type { BoardPlan } from '../api/types';
import { Sign, type SeamState } from '../drawing/Signs';
import { count } from '../format';

/** The lines of a board in the order of its scheme, each with how far it is; one is taken to the bench from here. */
export function BoardLines({ garment, board }: { garment: string; board: BoardPlan }) {
  const { data: begun } = useQuery(linesQuery(garment));
  const workOf = (line: string) => begun?.find((each) => each.board === board.id && each.line === line);
  const next = board.lines.find(({ id }) => workOf(id)?.state !== 'JOINED');
  return (
    <ol className="board-lines" aria-label="Lines of the board">
      {board.lines.map((line) => {
        const work = workOf(line.id);
        const joined = work?.state === 'JOINED';
        const sign: SeamState = joined ? 'JOINED' : work ? 'IN_HAND' : 'MATCHED';
        return (
          <li key={line.id}>
            <Sign state={sign} />
            <span>
              {line.title}
              <small className="soft">
                {joined
                  ? 'joined'
                  : work
                    ? `${work.position} of ${count(line.joints, 'joint')}`
                    : `${count(line.joints, 'joint')}, then ${line.then}`}
              </small>
            </span>
            <Link
              className={line === next ? 'btn btn-primary btn-sm' : ''}
              to={`/garments/${garment}/bench/${board.id}/${line.id}`}
            >
              {joined ? 'See it' : work ? 'Go on' : 'Join it'}
            </Link>
          </li>
        );
      })}
    </ol>
  );
}

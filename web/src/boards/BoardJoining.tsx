import { Button, Form } from 'react-bootstrap';
import type { BoardPlan, MethodEntry, SchemePlan } from '../api/types';
import { yarnLength } from '../format';
import { minutes } from '../order/minutes';
import { BoardLines } from './BoardLines';
import type { GarmentEditor } from '../shell/useGarment';

interface Props {
  editor: GarmentEditor;
  board: BoardPlan;
  catalogue: MethodEntry[];
  pass: number | undefined;
  onPass: (pass: number | undefined) => void;
  onBoard: (id: string) => void;
}

/** How the squares of one board are joined: method, crossings, and the schemes beside the fewest passes there could be. */
export function BoardJoining({ editor, board, catalogue, pass, onPass, onBoard }: Props) {
  const { plan } = editor.garment;
  const { joining } = board;
  const join = (changed: Partial<Pick<BoardPlan['joining'], 'method' | 'crossing' | 'scheme'>>) => {
    onPass(undefined);
    void editor.change([
      {
        kind: 'BOARD_JOINED',
        piece: board.id,
        method: joining.method,
        crossing: joining.crossing,
        scheme: joining.scheme,
        ...changed,
      },
    ]);
  };
  const now = board.schemes.find((scheme) => scheme.now)!;
  return (
    <section aria-label="Joining the board">
      <h2>Joining the board</h2>
      <Form.Select aria-label="Board" value={board.id} onChange={(event) => onBoard(event.target.value)}>
        {plan.boards.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Form.Select>
      <p>{board.words}</p>
      {board.joins.length > 0 && (
        <>
          <div className="joining-choices">
            <Form.Select
              aria-label="Method for the squares"
              value={joining.method}
              onChange={(event) => join({ method: event.target.value })}
            >
              {catalogue
                .filter((method) => method.squares)
                .map((method) => (
                  <option key={method.id} value={method.id}>
                    {method.title}
                  </option>
                ))}
            </Form.Select>
            <Form.Select
              aria-label="Where lines cross"
              value={joining.crossing}
              onChange={(event) => join({ crossing: event.target.value as BoardPlan['joining']['crossing'] })}
            >
              {plan.squares?.choices.map(({ crossing, title }) => (
                <option key={crossing} value={crossing}>
                  {title}
                </option>
              ))}
            </Form.Select>
          </div>
          <p className="soft">{joining.crossingWords}</p>
          <Schemes editor={editor} board={board} onTake={(scheme) => join({ scheme })} />
          <p className="soft">
            Fewer than {board.bound} {board.bound === 1 ? 'pass' : 'passes'} cannot be: at {board.odd.length}{' '}
            corners an odd number of joins meets.
            {plan.squares &&
              ` Over the whole garment ${plan.squares.straight} lines and seams straight, ${plan.squares.bound} passes with turns.`}
          </p>
          <PassSteps scheme={now} pass={pass} onPass={onPass} />
          <BoardLines garment={editor.garment.id} board={board} />
        </>
      )}
    </section>
  );
}

interface SchemesProps {
  editor: GarmentEditor;
  board: BoardPlan;
  onTake: (scheme: SchemePlan['name']) => void;
}

function Schemes({ editor, board, onTake }: SchemesProps) {
  const { unit } = editor.garment.plan;
  return (
    <table className="table table-sm schemes">
      <thead>
        <tr>
          <th scope="col">Order of its lines</th>
          <th scope="col" className="num">
            Passes
          </th>
          <th scope="col" className="num">
            Ends
          </th>
          <th scope="col" className="num">
            Yarn
          </th>
          <th scope="col" className="num">
            Time
          </th>
        </tr>
      </thead>
      <tbody>
        {board.schemes.map((scheme) => (
          <tr key={scheme.name}>
            <th scope="row">
              <Form.Check
                type="radio"
                name="scheme"
                id={`scheme-${scheme.name}`}
                label={scheme.title}
                title={scheme.words}
                checked={scheme.now}
                onChange={() => onTake(scheme.name)}
              />
            </th>
            <td className="num">{scheme.passes}</td>
            <td className="num">{scheme.ends}</td>
            <td className="num">{yarnLength(scheme.yarnMm, unit)}</td>
            <td className="num">{minutes(scheme.minutes)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface StepsProps {
  scheme: SchemePlan;
  pass: number | undefined;
  onPass: (pass: number | undefined) => void;
}

/** The path pass by pass, drawn over the board. */
function PassSteps({ scheme, pass, onPass }: StepsProps) {
  const all = scheme.path.length;
  return (
    <div className="square-keys" role="group" aria-label="The path, pass by pass">
      <Button
        variant="outline-dark"
        size="sm"
        disabled={pass === undefined}
        onClick={() => onPass(pass === 0 || pass === undefined ? undefined : pass - 1)}
      >
        Back
      </Button>
      <Button
        variant="outline-dark"
        size="sm"
        disabled={pass === all - 1}
        onClick={() => onPass(pass === undefined ? 0 : pass + 1)}
      >
        {pass === undefined ? 'Show the path' : 'Next pass'}
      </Button>
      <span aria-live="polite">
        {pass === undefined
          ? scheme.words
          : `Pass ${pass + 1} of ${all}: ${scheme.path[pass]!.through.length - 1} squares long`}
      </span>
    </div>
  );
}

import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { methodsQuery } from '../api/garments';
import { useSize } from '../drawing/useSize';
import { useEditor } from '../shell/GarmentPage';
import { BoardJoining } from './BoardJoining';
import './boards.css';
import { BoardMat } from './BoardMat';
import { NewBoard } from './NewBoard';
import { Colourways } from './Colourways';
import { SquareCard } from './SquareCard';
import { useSquares } from './useSquares';

/** All squares of a garment: which colourway lies where, from which stock, and how each board is joined. */
export function BoardsView() {
  const editor = useEditor();
  const { plan } = editor.garment;
  const { ref, width, height } = useSize<HTMLDivElement>();
  const squares = useSquares(editor);
  const [board, setBoard] = useState(plan.boards[0]?.id);
  const [pass, setPass] = useState<number>();
  const { data: catalogue } = useQuery(methodsQuery(plan.terms));
  const shown = plan.boards.find(({ id }) => id === board) ?? plan.boards[0];
  if (!shown) {
    return (
      <p className="quiet">
        Nothing of this garment is made of squares. <Link to="/new/squares">Lay out one that is</Link>.
      </p>
    );
  }
  const choose = (id: string) => {
    setBoard(id);
    setPass(undefined);
  };
  return (
    <div className="table-view boards-view">
      <div ref={ref} className="table-mat">
        {width > 0 && (
          <BoardMat
            plan={plan}
            size={{ width, height }}
            squares={squares}
            board={shown}
            pass={pass}
            onBoard={choose}
          />
        )}
      </div>
      <aside className="strip boards-strip" aria-label="Colours and joining">
        <h1>{plan.squares?.squares} squares</h1>
        {squares.taken && <SquareCard editor={editor} taken={squares.taken} onDrop={squares.drop} />}
        <Colourways editor={editor} />
        <NewBoard editor={editor} like={shown} />
        <BoardJoining
          key={shown.id}
          editor={editor}
          board={shown}
          catalogue={catalogue ?? []}
          pass={pass}
          onPass={setPass}
          onBoard={choose}
        />
      </aside>
    </div>
  );
}

import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { ChangeOf, Dye, Stock } from '../api/types';
import { DYES, dyeWord, shade } from '../drawing/dyes';
import type { GarmentEditor } from '../shell/useGarment';
import bounds from '../api/bounds.json';

type Wish = ChangeOf<'COLOURS_PLACED'>['wishes'][number];

/** The colourways of the squares with their stock, and placing them so that no two neighbours are alike. */
export function Colourways({ editor }: { editor: GarmentEditor }) {
  const { colours } = editor.garment.plan;
  const [seed, setSeed] = useState(1);
  const [wishes, setWishes] = useState<Wish[]>([]);
  if (!colours) {
    return null;
  }
  const { stock } = colours;
  const place = (withSeed: number) => {
    setSeed(withSeed);
    void editor.change([{ kind: 'COLOURS_PLACED', seed: withSeed, wishes }]);
  };
  const wish = (name: Wish, label: string) => (
    <Form.Check
      type="checkbox"
      id={`wish-${name}`}
      label={label}
      checked={wishes.includes(name)}
      onChange={(event) =>
        setWishes(event.target.checked ? [...wishes, name] : wishes.filter((each) => each !== name))
      }
    />
  );
  const placed = stock.some((each) => each.placed > 0);
  return (
    <section aria-label="Colourways">
      <p className={colours.clashes.length > 0 ? 'wrong' : ''}>{colours.words}</p>
      {stock.length > 0 && (
        <table className="table table-sm colourways">
          <thead>
            <tr>
              <th scope="col">Colourway</th>
              <th scope="col">Made</th>
              <th scope="col" className="num">
                Placed
              </th>
              <th />
            </tr>
          </thead>
          <tbody>
            {stock.map((each) => (
              <Row key={each.id} stock={each} editor={editor} />
            ))}
          </tbody>
        </table>
      )}
      <div className="square-keys">
        <Button
          variant="outline-dark"
          size="sm"
          disabled={stock.length >= bounds.colourways}
          onClick={() =>
            void editor.change([
              {
                kind: 'COLOURWAY_ADDED',
                name: freeName(stock),
                colour: DYES.find((dye) => !stock.some((each) => each.colour === dye)) ?? 'WOAD',
              },
            ])
          }
        >
          {stock.length === 0 ? 'Tell a colourway' : 'Another colourway'}
        </Button>
      </div>
      {stock.length > 0 && (
        <>
          <div className="square-keys">
            {wish('EVERY_BOARD', 'Every colourway on every board')}
            {wish('MIRRORED', 'Left as right')}
          </div>
          <div className="square-keys">
            <Button onClick={() => place(seed)}>Place the colours</Button>
            {placed && (
              <Button variant="outline-dark" onClick={() => place(seed + 1)}>
                Another way
              </Button>
            )}
            <span className="soft">No {seed}</span>
          </div>
        </>
      )}
    </section>
  );
}

/** A name that no colourway has yet. */
function freeName(stock: Stock[]): string {
  const names = stock.map(({ name }) => name);
  let number = stock.length + 1;
  while (names.includes(`Colour ${number}`)) {
    number += 1;
  }
  return `Colour ${number}`;
}

function Row({ stock, editor }: { stock: Stock; editor: GarmentEditor }) {
  const told = { kind: 'COLOURWAY_TOLD' as const, id: stock.id, name: stock.name, colour: stock.colour };
  const made = stock.made === undefined ? {} : { made: stock.made };
  const lacks = stock.made !== undefined && stock.placed > stock.made;
  return (
    <tr>
      <td>
        <span className="colourway-name">
          <span className="dye" style={{ background: shade(stock.colour).base }} aria-hidden="true" />
          <Form.Control
            size="sm"
            aria-label={`Name of ${stock.name}`}
            defaultValue={stock.name}
            key={stock.name}
            maxLength={bounds.name}
            onBlur={(event) => {
              const name = event.target.value.trim();
              if (name !== '' && name !== stock.name) {
                void editor.change([{ ...told, ...made, name }]);
              }
            }}
          />
          <Form.Select
            size="sm"
            aria-label={`Colour of ${stock.name}`}
            value={stock.colour}
            onChange={(event) =>
              void editor.change([{ ...told, ...made, colour: event.target.value as Dye }])
            }
          >
            {DYES.map((dye) => (
              <option key={dye} value={dye}>
                {dyeWord(dye)}
              </option>
            ))}
          </Form.Select>
        </span>
      </td>
      <td>
        <Form.Control
          size="sm"
          type="number"
          min={0}
          max={bounds.squares}
          aria-label={`Squares made of ${stock.name}`}
          defaultValue={stock.made ?? ''}
          key={stock.made ?? 'none'}
          onBlur={(event) => {
            const text = event.target.value;
            const count = text === '' ? undefined : Number(text);
            if (count !== stock.made) {
              void editor.change([{ ...told, ...(count === undefined ? {} : { made: count }) }]);
            }
          }}
        />
      </td>
      <td className={`num${lacks ? ' wrong' : ''}`}>{stock.placed}</td>
      <td>
        <Button
          variant="outline-dark"
          size="sm"
          aria-label={`Take out ${stock.name}`}
          onClick={() => void editor.change([{ kind: 'COLOURWAY_REMOVED', colourway: stock.id }])}
        >
          ×
        </Button>
      </td>
    </tr>
  );
}

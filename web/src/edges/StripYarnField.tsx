import { Form } from 'react-bootstrap';
import type { StripPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';

/** The yarn an edging is worked in: its own, or that of its piece. */
export function StripYarnField({ editor, strip }: { editor: GarmentEditor; strip: StripPlan }) {
  const { yarn } = editor.garment.plan;
  if (yarn.yarns.length === 0) {
    return null;
  }
  const now = yarn.strips.find((each) => each.strip === strip.id);
  const usual = yarn.yarns.find(({ id }) => id === now?.yarn);
  return (
    <Form.Group controlId="strip-yarn" className="line">
      <Form.Label>Yarn</Form.Label>
      <Form.Select
        size="sm"
        value={now?.told ? now.yarn : ''}
        onChange={(event) =>
          void editor.change([
            {
              kind: 'STRIP_YARNED',
              strip: strip.id,
              ...(event.target.value ? { yarn: event.target.value } : {}),
            },
          ])
        }
      >
        <option value="">
          {now && !now.told && usual ? `as its piece: ${usual.yarn.name}` : 'as its piece'}
        </option>
        {yarn.yarns.map(({ id, yarn: each }) => (
          <option key={id} value={id}>
            {each.name}, {each.colour}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}

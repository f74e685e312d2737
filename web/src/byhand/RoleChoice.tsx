import { Form } from 'react-bootstrap';
import type { ByHand, SeamPlan } from '../api/types';

interface Props {
  id: string;
  roles: ByHand['roles'];
  value: SeamPlan['role'];
  onChange: (role: SeamPlan['role']) => void;
}

/** What a seam is, in the maker's words. */
export function RoleChoice({ id, roles, value, onChange }: Props) {
  return (
    <Form.Group controlId={id}>
      <Form.Label>It is a</Form.Label>
      <Form.Select value={value} onChange={(event) => onChange(event.target.value as SeamPlan['role'])}>
        {roles.map(({ role, words }) => (
          <option key={role} value={role}>
            {words}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}

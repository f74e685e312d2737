import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { useNavigate } from 'react-router';
import bounds from '../api/bounds.json';
import { problemIn } from '../api/client';
import { createFree } from '../api/garments';
import type { FindingView } from '../api/types';
import { WalkForm } from './WalkForm';

/** A garment begun with one free outline; the others follow beside it. */
export function FreeGarment() {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [refused, setRefused] = useState<FindingView[]>([]);
  return (
    <div className="by-hand-walk">
      <h1>Free outlines</h1>
      <p className="soft">
        Walk round the first piece edge by edge. Others can be added, copied or mirrored afterwards, and
        joined by hand.
      </p>
      <Form.Group controlId="free-name" className="walk-garment">
        <Form.Label>Name of the garment</Form.Label>
        <Form.Control
          value={name}
          maxLength={bounds.name}
          placeholder="My new garment"
          onChange={(event) => setName(event.target.value)}
        />
      </Form.Group>
      <WalkForm
        action="Begin with this piece"
        refused={refused}
        onDone={(piece) =>
          void createFree(name.trim() || 'My new garment', piece)
            .then((created) => navigate(`/garments/${created.id}/by-hand`))
            .catch((error: unknown) => setRefused(problemIn(error).findings))
        }
      />
    </div>
  );
}

import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { Link, useNavigate } from 'react-router';
import { problemIn } from '../api/client';
import { createSample } from '../api/garments';

/** What Ruxel does in one look, and the two ways to begin. */
export function Newcomer() {
  const navigate = useNavigate();
  const [told, setTold] = useState('');
  const trySample = async () => {
    try {
      const made = await createSample();
      await navigate(`/garments/${made.id}`);
    } catch (error) {
      setTold(problemIn(error).detail);
    }
  };
  return (
    <section className="newcomer">
      <h2>From counted pieces to a garment that hangs right</h2>
      <ol>
        <li>
          <Drawing d="M10 14H90V86H10ZM30 14V28H70V14" />
          <h3>Type what you counted</h3>
          <p>About a dozen stitches and rows. The pieces are drawn to scale while you type.</p>
        </li>
        <li>
          <Drawing d="M8 24H92M8 76H92M16 24L22 76M30 24L34 76M44 24L46 76M56 24L54 76M70 24L66 76M84 24L78 76" />
          <h3>See where each stitch goes</h3>
          <p>Every seam as a rhythm you can keep in your head, with markers, and whether it will lie flat.</p>
        </li>
        <li>
          <Drawing d="M14 70 28 30 42 70 56 30 70 70 84 30" />
          <h3>Join it, and never lose your place</h3>
          <p>The bench counts each joint and keeps it, even when the power fails.</p>
        </li>
      </ol>
      <p className="newcomer-actions">
        <Link to="/new" className="btn btn-primary">
          Lay out the first one
        </Link>
        <Button variant="outline-dark" onClick={() => void trySample()}>
          Try a made-up cardigan
        </Button>
      </p>
      {told && <p className="wrong">{told}</p>}
    </section>
  );
}

function Drawing({ d }: { d: string }) {
  return (
    <svg width={100} height={100} aria-hidden="true">
      <path
        d={d}
        fill="none"
        stroke="var(--madder)"
        strokeWidth={3}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}

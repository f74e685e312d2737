import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { problemIn } from '../api/client';
import { Header } from './Header';

export function Loading({ what }: { what: string }) {
  return (
    <p className="quiet soft" role="status">
      {what}
    </p>
  );
}

export function Failed({ error, again }: { error: unknown; again: () => void }) {
  const problem = problemIn(error);
  return (
    <div className="quiet" role="alert">
      <h2>This did not work</h2>
      {problem.findings.length === 0 && <p>{problem.detail}</p>}
      {problem.findings.map(({ sentence, remedy }) => (
        <p key={sentence}>
          <strong>{sentence}</strong> {remedy}
        </p>
      ))}
      <Button variant="outline-dark" onClick={again}>
        Try again
      </Button>
    </div>
  );
}

export function NotFound() {
  return (
    <>
      <Header links={[]} view="shelf" />
      <main className="quiet">
        <h1>Nothing lies here</h1>
        <p>This address leads to no garment.</p>
        <Link to="/">Go to the shelf</Link>
      </main>
    </>
  );
}

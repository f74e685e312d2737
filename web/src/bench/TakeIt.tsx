import { Button } from 'react-bootstrap';

interface Props {
  disabled: boolean;
  /** What was done to it. */
  done?: string;
  onTake: () => void;
  /** It was worked before, or without counting. */
  onAlready: () => void;
}

/** To the bench, or past it. */
export function TakeIt({ disabled, done = 'joined', onTake, onAlready }: Props) {
  return (
    <>
      <Button size="lg" disabled={disabled} onClick={onTake}>
        Take it to the bench
      </Button>
      <Button variant="outline-dark" disabled={disabled} onClick={onAlready}>
        It is {done} already
      </Button>
    </>
  );
}

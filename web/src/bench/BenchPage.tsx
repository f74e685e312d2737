import type { ReactNode } from 'react';
import type { Opened } from '../api/types';
import { Header, type HeaderLink } from '../shell/Header';
import { Failed, Loading } from '../shell/Messages';
import type { useBenchWork } from './useBenchWork';

interface Read {
  isError: boolean;
  error: Error | null;
  refetch: () => unknown;
}

interface Props {
  links: HeaderLink[];
  garment: Opened | undefined;
  /** What is joined, in words. */
  name: string | undefined;
  /** What the page is read from. */
  reads: Read[];
  bench: ReturnType<typeof useBenchWork>;
  children: ReactNode;
}

/** Round every bench: its header, and what could not be read, taken or decided. */
export function BenchPage({ links, garment, name, reads, bench, children }: Props) {
  const { take, decide, work } = bench;
  return (
    <>
      <Header links={links} view="bench">
        <span className="garment-name">
          {garment?.plan.name}
          {name && ` · ${name.toLowerCase()}`}
        </span>
      </Header>
      <main id="main" className="view">
        {[...reads, work].map(
          (read, index) =>
            read.isError &&
            read.error && <Failed key={index} error={read.error} again={() => void read.refetch()} />,
        )}
        {decide.isError && <Failed error={decide.error} again={() => decide.reset()} />}
        {take.isError && <Failed error={take.error} again={() => take.mutate()} />}
        {work.isFetching && !work.data && <Loading what="Finding your place…" />}
        {children}
      </main>
    </>
  );
}

import type { ReactNode } from 'react';
import type { Opened, WorkView } from '../api/types';
import { Header, type HeaderLink } from '../shell/Header';
import { Failed, Loading } from '../shell/Messages';
import { AtTheBench } from './AtTheBench';
import type { Counted } from './BenchCount';
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
  /** Whether it is not yet known what is worked. */
  pending: boolean;
  /** What to know and have ready before it is begun. */
  before: ReactNode;
  /** Where the maker goes when it is done. */
  leaveTo: string;
  /** What is shown beside the joint in hand. */
  beside?: (work: WorkView, position: number) => ReactNode;
  /** What is counted, if not joints. */
  word?: Counted;
  /** What was really worked, to be kept, once it is done. */
  asWorked?: (work: WorkView, beside: WorkView['beside']) => ReactNode;
}

/** Every bench: its header, what could not be read, taken or decided, what comes before, and the work in hand. */
export function BenchPage({
  links,
  garment,
  name,
  reads,
  bench,
  pending,
  before,
  leaveTo,
  beside,
  word = 'Joint',
  asWorked,
}: Props) {
  const { take, already, change, work } = bench;
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
        {change.isError && <Failed error={change.error} again={() => change.reset()} />}
        {work.isFetching && !work.data && <Loading what="Finding your place…" />}
        {pending && <Loading what="Clearing the bench…" />}
        {!bench.isBegun && before}
        {take.isError && <Failed error={take.error} again={() => take.mutate()} />}
        {already.isError && <Failed error={already.error} again={() => already.mutate()} />}
        {garment && work.data && (
          <AtTheBench
            key={`${work.data.id} ${work.dataUpdatedAt}`}
            garment={garment}
            work={work.data}
            told={bench.told}
            leaveTo={leaveTo}
            {...(beside ? { beside: (position: number) => beside(work.data, position) } : {})}
            word={word}
            {...(asWorked ? { asWorked: (now: WorkView['beside']) => asWorked(work.data, now) } : {})}
            onOvertaken={bench.onOvertaken}
            onUndone={bench.onUndone}
          />
        )}
      </main>
    </>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { useNavigate } from 'react-router';
import { problemIn } from '../api/client';
import { constructionsQuery, create } from '../api/garments';
import type { Construction, FindingView } from '../api/types';
import { Header } from '../shell/Header';
import { Failed, Findings, Loading } from '../shell/Messages';
import { QuestionField } from './QuestionField';
import { GrowingDrawing } from './GrowingDrawing';
import { useAnswers } from './useAnswers';

const GROUPS = {
  GARMENT: 'The garment',
  GAUGE: 'Gauge, on the blocked piece',
  BODY: 'Body',
  NECK: 'Shoulders and neck',
  SLEEVES: 'Sleeves',
} as const;

/** Answers beside a drawing that grows true to scale as they are typed. */
export function NewGarment() {
  const query = useQuery(constructionsQuery);
  const construction = query.data?.[0];
  return (
    <>
      <Header links={[{ to: '/', word: 'Shelf', end: true }]}>
        <span className="garment-name">New garment</span>
      </Header>
      <main id="main" className="view">
        {query.isError && <Failed error={query.error} again={() => void query.refetch()} />}
        {query.isPending && <Loading what="Fetching the questions…" />}
        {construction && <Answering construction={construction} />}
      </main>
    </>
  );
}

function Answering({ construction }: { construction: Construction }) {
  const navigate = useNavigate();
  const { texts, answers, setText, drawn, findings } = useAnswers(construction);
  const [name, setName] = useState('');
  const [refused, setRefused] = useState<FindingView[]>([]);
  const [busy, setBusy] = useState(false);
  const kind = texts['kind'] ?? 'CARDIGAN';
  const asked = construction.questions.filter(
    (question) => question.only.length === 0 || question.only.includes(kind),
  );

  const layOut = async () => {
    setBusy(true);
    setRefused([]);
    try {
      const created = await create(name.trim() === '' ? 'My new garment' : name, construction.id, answers);
      await navigate(`/garments/${created.id}`);
    } catch (error) {
      setRefused(problemIn(error).findings);
      setBusy(false);
    }
  };

  return (
    <div className="make">
      <form
        className="make-form"
        onSubmit={(event) => {
          event.preventDefault();
          void layOut();
        }}
      >
        <h1>{construction.name}</h1>
        <p className="soft">
          Type what you counted. What is left open takes the usual number, drawn dashed, until you fill it in.
        </p>
        <Form.Group controlId="garment-name" className="question">
          <Form.Label>Name</Form.Label>
          <Form.Control
            value={name}
            maxLength={200}
            placeholder="My new garment"
            onChange={(event) => setName(event.target.value)}
          />
        </Form.Group>
        {Object.entries(GROUPS).map(([group, title]) => (
          <fieldset key={group}>
            <legend className="display">{title}</legend>
            {asked
              .filter((question) => question.group === group)
              .map((question) => (
                <QuestionField
                  key={question.key}
                  question={question}
                  text={texts[question.key] ?? ''}
                  onText={(text) => setText(question.key, text)}
                  finding={findings.find((finding) => finding.answer === question.key)}
                  usual={drawn?.assumed.find((a) => a.answer === question.key)?.value}
                  consequence={drawn?.consequences.find((c) => c.answer === question.key)?.sentence}
                />
              ))}
          </fieldset>
        ))}
        <Findings findings={refused} title="It cannot be laid out yet" />
        <div className="make-go">
          <Button type="submit" disabled={busy || findings.some((finding) => finding.severity === 'ERROR')}>
            Lay it on the table
          </Button>
          {findings.length > 0 && <span className="soft">Mend the marked numbers first.</span>}
        </div>
      </form>
      <GrowingDrawing
        plan={drawn}
        assumed={drawn?.assumed.map((a) => a.answer) ?? []}
        questions={asked}
        stale={findings.some((f) => f.severity === 'ERROR')}
      />
    </div>
  );
}

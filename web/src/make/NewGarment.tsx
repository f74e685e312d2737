import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { useNavigate, useParams } from 'react-router';
import { problemIn } from '../api/client';
import { constructionsQuery, create } from '../api/garments';
import bounds from '../api/bounds.json';
import type { AnswerMap, Construction, FindingView } from '../api/types';
import { Header } from '../shell/Header';
import { Failed, Loading } from '../shell/Messages';
import { FreeGarment } from '../byhand/FreeGarment';
import { Answering } from './Answering';
import { Choosing } from './Choosing';

/** A construction chosen, then answers beside a drawing that grows true to scale as they are typed. */
export function NewGarment() {
  const query = useQuery(constructionsQuery);
  const { construction: id } = useParams();
  const construction = query.data?.find((candidate) => candidate.id === id);
  const links = [{ to: '/', word: 'Shelf', end: true }];
  return (
    <>
      <Header
        links={id ? [...links, { to: '/new', word: 'Constructions', end: true }] : links}
        view="numbers"
      >
        <span className="garment-name">New garment</span>
      </Header>
      <main id="main" className="view">
        {query.isError && <Failed error={query.error} again={() => void query.refetch()} />}
        {query.isPending && <Loading what="Fetching the constructions…" />}
        {query.data &&
          (id === 'free-outlines' ? (
            <FreeGarment />
          ) : construction ? (
            <LayOut construction={construction} />
          ) : (
            <Choosing all={query.data} />
          ))}
      </main>
    </>
  );
}

function LayOut({ construction }: { construction: Construction }) {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [refused, setRefused] = useState<FindingView[]>([]);
  const layOut = async (answers: AnswerMap) => {
    setRefused([]);
    try {
      const created = await create(name.trim() === '' ? 'My new garment' : name, construction.id, answers);
      await navigate(`/garments/${created.id}`);
    } catch (error) {
      setRefused(problemIn(error).findings);
    }
  };
  return (
    <Answering
      construction={construction}
      given={{}}
      title={construction.name}
      about={`${construction.tells} Type what you counted; what is left open takes the usual number, drawn dashed, until you fill it in.`}
      action="Lay it on the table"
      refused={refused}
      onDone={layOut}
    >
      <Form.Group controlId="garment-name" className="question">
        <Form.Label>Name</Form.Label>
        <Form.Control
          value={name}
          maxLength={bounds.name}
          placeholder="My new garment"
          onChange={(event) => setName(event.target.value)}
        />
      </Form.Group>
    </Answering>
  );
}

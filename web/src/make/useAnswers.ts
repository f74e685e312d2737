import { useEffect, useMemo, useRef, useState } from 'react';
import { previewAnswers } from '../api/garments';
import type { AnswerMap, Construction, FindingView, GarmentPlan } from '../api/types';
import { figure } from '../format';

/** A typed text as an answer: a number where one is asked and typed, else the words themselves. */
function toAnswer(type: 'COUNT' | 'NUMBER' | 'CHOICE', text: string): number | string {
  const number = figure(text);
  return type !== 'CHOICE' && Number.isFinite(number) ? number : text;
}

/**
 * The answers being typed and what they make. One preview in flight; when it comes back and the answers
 * have moved on, the newest are sent. An impossible answer keeps the last good drawing.
 */
export function useAnswers(construction: Construction, given: AnswerMap) {
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(Object.entries(given).map(([key, value]) => [key, String(value)])),
  );
  const [drawn, setDrawn] = useState<GarmentPlan>();
  const [findings, setFindings] = useState<FindingView[]>([]);
  /** Whether the last preview had no answer at all. */
  const [silent, setSilent] = useState(false);
  const answers = useMemo(() => {
    const typed: AnswerMap = {};
    for (const question of construction.questions) {
      const text = (texts[question.key] ?? '').trim();
      if (text !== '') {
        typed[question.key] = toAnswer(question.type, text);
      }
    }
    return typed;
  }, [construction, texts]);

  const inFlight = useRef(false);
  const wanted = useRef(answers);
  useEffect(() => {
    wanted.current = answers;
    const ask = async () => {
      if (inFlight.current) {
        return;
      }
      inFlight.current = true;
      const asked = wanted.current;
      try {
        const preview = await previewAnswers(construction.id, asked);
        setSilent(false);
        setFindings(preview.findings.filter((finding) => finding.level === 'DECIDE_FIRST'));
        setDrawn((last) => preview.plan ?? last);
      } finally {
        inFlight.current = false;
      }
      if (wanted.current !== asked) {
        await ask();
      }
    };
    void ask().catch(() => setSilent(true));
  }, [answers, construction.id]);

  const setText = (key: string, text: string) => setTexts((before) => ({ ...before, [key]: text }));
  return { texts, answers, setText, drawn, findings, silent };
}

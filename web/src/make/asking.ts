import type { FindingView, GarmentPlan, Question } from '../api/types';

/** What is known of one question while the others are answered. */
export interface Asking {
  question: Question;
  text: string;
  onText: (text: string) => void;
  /** The value taken while the question has no answer, and from what it follows. */
  usual: string | undefined;
  because: string | undefined;
  consequence: string | undefined;
  finding: FindingView | undefined;
  /** One of the numbers that another does not go with. */
  blamed: boolean;
}

/** Whether a question is asked after what the others are answered, or usually are. */
export function isAsked({ when }: Question, texts: Record<string, string>): boolean {
  return when === undefined || (texts[when.key] ? texts[when.key] === when.value : when.usual);
}

export function asking(
  question: Question,
  texts: Record<string, string>,
  setText: (key: string, text: string) => void,
  drawn: GarmentPlan | undefined,
  findings: FindingView[],
): Asking {
  const { key } = question;
  const assumed = drawn?.assumed.find((candidate) => candidate.answer === key);
  return {
    question,
    text: texts[key] ?? '',
    onText: (text) => setText(key, text),
    usual: assumed?.value,
    because: assumed?.because,
    consequence: drawn?.consequences.find((candidate) => candidate.answer === key)?.sentence,
    finding: findings.find((finding) => finding.answer === key),
    blamed: findings.some((finding) => finding.against.includes(key)),
  };
}

/** What stands below a question: what is wrong, else what follows, else a hint; a choice shows by itself that it is assumed. */
export function below({ question, text, usual, because, consequence, finding }: Asking): string {
  if (finding) {
    return `${finding.sentence} ${finding.remedy}`;
  }
  const assumed =
    question.type !== 'CHOICE' && text === '' && usual !== undefined ? `Assumed. ${because ?? ''}` : '';
  return [assumed, consequence ?? question.help].filter((words) => words !== '').join(' ');
}

import type { Answer } from '../api/types';

/** A sum shown as a sum: each word with its weight and score, what it adds, and why it is not the table’s. */
export function SumTable({ answer, title }: { answer: Answer; title: string }) {
  const weighed = answer.terms.filter((term) => term.weight > 0);
  const school = answer.terms.find((term) => term.name === 'SCHOOL');
  const weights = weighed.reduce((sum, term) => sum + term.weight, 0);
  return (
    <table className="sum">
      <caption className="visually-hidden">{title}, as a sum</caption>
      <tbody>
        {weighed.map((term) => (
          <tr key={term.name}>
            <th scope="row">{term.word}</th>
            <td className="num">
              {term.weight} × {term.score} = {term.weight * term.score}
            </td>
            <td>
              {term.words && (
                <>
                  {term.score !== term.table && `not ${term.table}: `}
                  {term.words}
                </>
              )}
            </td>
          </tr>
        ))}
        <tr className="sum-total">
          <th scope="row">all ÷ {weights}</th>
          <td className="num">{(answer.sum - (school?.share ?? 0)).toFixed(2)}</td>
          <td />
        </tr>
        {school && (
          <tr>
            <th scope="row">{school.word}</th>
            <td className="num">+ {school.share}</td>
            <td>
              makes <strong>{answer.sum.toFixed(2)}</strong>
            </td>
          </tr>
        )}
      </tbody>
    </table>
  );
}

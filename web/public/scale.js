'use strict';

const shown = document.getElementById('shown');
const pan = document.getElementById('grams');

function show({ grams }) {
  shown.textContent = `${grams.toFixed(1)} g`;
  pan.value = grams;
}

async function ask(init, path) {
  try {
    const answer = await fetch(path, init);
    if (answer.ok) {
      show(await answer.json());
    }
  } catch {
    shown.textContent = 'Ruxel does not answer.';
  }
}

function put(grams) {
  return ask(
    { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ grams }) },
    '/api/scale/pan',
  );
}

pan.addEventListener('input', () => put(Number(pan.value)));
for (const button of document.querySelectorAll('button[data-by]')) {
  button.addEventListener('click', () => put(Math.max(0, Number(pan.value) + Number(button.dataset.by))));
}
ask({}, '/api/scale/reading');

'use strict';

const KEYS = { f: 'FORWARD', PageDown: 'FORWARD', b: 'BACK', PageUp: 'BACK' };
const heard = document.getElementById('heard');

async function press(treadle) {
  try {
    const answer = await fetch('/api/pedal/presses', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ treadle }),
    });
    const { benches } = await answer.json();
    heard.textContent =
      benches === 0 ? 'No bench listens. Choose “Use the pedal” at the bench.' : 'Sent and heard.';
  } catch {
    heard.textContent = 'Ruxel does not answer.';
  }
}

for (const button of document.querySelectorAll('button[data-treadle]')) {
  button.addEventListener('click', () => press(button.dataset.treadle));
}
window.addEventListener('keydown', (event) => {
  const treadle = KEYS[event.key];
  if (treadle && !event.repeat) {
    event.preventDefault();
    press(treadle);
  }
});

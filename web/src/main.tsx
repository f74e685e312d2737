import { createRoot } from 'react-dom/client';

createRoot(document.getElementById('root')!).render(<h1>Ruxel</h1>);

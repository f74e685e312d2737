import '@fontsource-variable/piazzolla/wght.css';
import '@fontsource-variable/sofia-sans-semi-condensed/wght.css';
import 'bootstrap/dist/css/bootstrap.min.css';
import './theme/tokens.css';
import './shell/shell.css';
import './shelf/shelf.css';
import './sheet/sheet.css';
import './byhand/byhand.css';
import './make/make.css';
import './table/table.css';
import './pieces/pieces.css';
import './seam/seam.css';
import './order/order.css';
import './bench/bench.css';
import './rules/rules.css';
import './theme/narrow.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { followSystem } from './shell/theme';

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
});

followSystem();

createRoot(document.getElementById('root')!).render(
  <QueryClientProvider client={queries}>
    <BrowserRouter>
      <App />
    </BrowserRouter>
  </QueryClientProvider>,
);

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, Outlet, Route, Routes } from 'react-router';
import type { GarmentEditor } from '../shell/useGarment';

/** Renders a view as the garment page does, with an editor round it. */
export function inEditor(view: ReactNode, editor: GarmentEditor) {
  return render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <Routes>
          <Route element={<Outlet context={editor} />}>
            <Route path="*" element={view} />
          </Route>
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

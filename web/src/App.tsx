import { Route, Routes } from 'react-router';
import { Bench } from './bench/Bench';
import { EdgesView } from './edges/EdgesView';
import { BoardsView } from './boards/BoardsView';
import { LineBench } from './bench/LineBench';
import { StripBench } from './bench/StripBench';
import { ByHandView } from './byhand/ByHandView';
import { FitView } from './fit/FitView';
import { JoinsView } from './joins/JoinsView';
import { NewGarment } from './make/NewGarment';
import { ChangeNumbers } from './make/ChangeNumbers';
import { OrderView } from './order/OrderView';
import { PiecesView } from './pieces/PiecesView';
import { RulesView } from './rules/RulesView';
import { SeamView } from './seam/SeamView';
import { GarmentPage } from './shell/GarmentPage';
import { NotFound } from './shell/Messages';
import { SheetView } from './sheet/SheetView';
import { Shelf } from './shelf/Shelf';
import { TableView } from './table/TableView';
import { YarnView } from './yarn/YarnView';

export function App() {
  return (
    <Routes>
      <Route path="/" element={<Shelf />} />
      <Route path="/new" element={<NewGarment />} />
      <Route path="/new/:construction" element={<NewGarment />} />
      <Route path="/garments/:id" element={<GarmentPage />}>
        <Route index element={<TableView />} />
        <Route path="pieces" element={<PiecesView />} />
        <Route path="squares" element={<BoardsView />} />
        <Route path="edges" element={<EdgesView />} />
        <Route path="seam" element={<SeamView />} />
        <Route path="seam/:seam" element={<SeamView />} />
        <Route path="numbers" element={<ChangeNumbers />} />
        <Route path="joins" element={<JoinsView />} />
        <Route path="yarn" element={<YarnView />} />
        <Route path="fit" element={<FitView />} />
        <Route path="order" element={<OrderView />} />
        <Route path="sheet" element={<SheetView />} />
        <Route path="rules" element={<RulesView />} />
        <Route path="by-hand" element={<ByHandView />} />
      </Route>
      <Route path="/garments/:id/bench/:seam" element={<Bench />} />
      <Route path="/garments/:id/bench/:board/:line" element={<LineBench />} />
      <Route path="/garments/:id/edging-bench/:strip" element={<StripBench />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}

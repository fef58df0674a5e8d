import { Navigate, Route, Routes } from 'react-router';
import { Frame } from './shell/Frame';
import { BooksPage } from './books/BooksPage';
import { LotPlace } from './lots/LotPlace';
import { TagSheet } from './lots/TagSheet';
import { LotsPage } from './lots/LotsPage';
import { PlanPage } from './season/PlanPage';
import { PlotPage } from './plot/PlotPage';
import { TodayPage } from './today/TodayPage';

export function App() {
  return (
    <Routes>
      <Route element={<Frame />}>
        <Route index element={<Navigate to="/today" replace />} />
        <Route path="today" element={<TodayPage />} />
        <Route path="plot/plan/:year?" element={<PlanPage />} />
        <Route path="plot/:code?" element={<PlotPage />} />
        <Route path="bench/:code?" element={<LotsPage key="bench" place="bench" />} />
        <Route path="racks/:code?" element={<LotsPage key="racks" place="racks" />} />
        <Route path="trays/:code?" element={<LotsPage key="trays" place="trays" />} />
        <Route path="store/:code?" element={<LotsPage key="store" place="store" />} />
        <Route path="lots/:code" element={<LotPlace />} />
        <Route path="tags/:code" element={<TagSheet />} />
        <Route path="books/:book?/:leaf?" element={<BooksPage />} />
        <Route path="*" element={<Navigate to="/today" replace />} />
      </Route>
    </Routes>
  );
}

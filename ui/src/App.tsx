import { Navigate, Route, Routes } from 'react-router';
import { Frame } from './shell/Frame';
import { BooksPage } from './books/BooksPage';
import { LotPlace } from './lots/LotPlace';
import { TagSheet } from './lots/TagSheet';
import { LotsPage } from './lots/LotsPage';
import { lotPlaces } from './shell/places';
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
        {lotPlaces.map((place) => (
          <Route key={place} path={`${place}/:code?`} element={<LotsPage key={place} place={place} />} />
        ))}
        <Route path="lots/:code" element={<LotPlace />} />
        <Route path="tags/:code" element={<TagSheet />} />
        <Route path="books/:book?/:leaf?" element={<BooksPage />} />
        <Route path="*" element={<Navigate to="/today" replace />} />
      </Route>
    </Routes>
  );
}

import { useEffect, type ComponentType } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { leaveBehind } from './api/along';
import { useMe } from './api/queries';
import { useIsOut } from './api/present';
import { Join, SignIn } from './keeping/Gate';
import { Frame } from './shell/Frame';
import { later, type Shape } from './kit/Coming';
import { lotPlaces, type LotPlace as LotPlaceName } from './shell/places';
import { TodayPage } from './today/TodayPage';

const pageLater = (load: () => Promise<ComponentType>, shape: Shape) => later(load, { ...shape, page: true });

// What is opened next from Today is fetched while one reads it; what Today needs comes first.
const plot = async () => (await import('./plot/PlotPage')).PlotPage;
const lots = async () => (await import('./lots/LotsPage')).LotsPage;
const PlotPage = pageLater(plot, { lines: 6, height: 72 });
const LotsPage = later<{ place: LotPlaceName }>(lots, { lines: 6, height: 72, page: true });
const LotPlace = pageLater(async () => (await import('./lots/LotPlace')).LotPlace, { lines: 6 });
const WaitingThing = pageLater(async () => (await import('./record/WaitingThing')).WaitingThing, {
  lines: 3,
  height: 44,
});
const ThenPage = pageLater(async () => (await import('./today/ThenPage')).ThenPage, { lines: 6, height: 56 });
const BooksPage = pageLater(async () => (await import('./books/BooksPage')).BooksPage, { lines: 12 });
const PlanPage = pageLater(async () => (await import('./season/PlanPage')).PlanPage, {
  lines: 8,
  height: 48,
});
const TakeStockPage = pageLater(async () => (await import('./intake/TakeStockPage')).TakeStockPage, {
  lines: 6,
  height: 48,
});
const WherePage = pageLater(async () => (await import('./store/WherePage')).WherePage, {
  lines: 6,
  height: 44,
});
const PortionPage = pageLater(async () => (await import('./packets/PortionPage')).PortionPage, {
  lines: 6,
  height: 48,
});
const RoundPage = pageLater(async () => (await import('./plot/RoundPage')).RoundPage, {
  lines: 6,
  height: 72,
});
const CountSheetPage = pageLater(
  async () => (await import('./steps/testing/CountSheetPage')).CountSheetPage,
  { lines: 6, height: 44 },
);
const RotaPage = pageLater(async () => (await import('./rota/RotaPage')).RotaPage, { lines: 8, height: 48 });
const WalkPage = pageLater(async () => (await import('./plot/WalkPage')).WalkPage, { lines: 6, height: 56 });
const TastingPage = pageLater(async () => (await import('./plot/TastingPage')).TastingPage, {
  lines: 5,
  height: 56,
});
const ShelfPage = pageLater(async () => (await import('./plot/ShelfPage')).ShelfPage, {
  lines: 6,
  height: 64,
});
const SwapPage = pageLater(async () => (await import('./packets/SwapPage')).SwapPage, { lines: 10 });
const ReadPage = pageLater(async () => (await import('./tags/ReadPage')).ReadPage, { lines: 2, height: 240 });
const TagsPage = pageLater(async () => (await import('./tags/TagsPage')).TagsPage, { lines: 2, height: 240 });

/** ms after which what stands there has been drawn, also on a slow phone. */
const SOON = 1_500;

/** Nobody sees more than the way in who has not said who they are. */
export function App() {
  const isOut = useIsOut();
  useEffect(() => {
    if (isOut) leaveBehind();
  }, [isOut]);
  useMe();
  useEffect(() => {
    const soon = setTimeout(() => void Promise.all([plot(), lots()]).catch(() => undefined), SOON);
    return () => clearTimeout(soon);
  }, []);
  if (window.location.pathname === '/join') return <Join />;
  return isOut ? <SignIn /> : <Pages />;
}

function Pages() {
  return (
    <Routes>
      <Route element={<Frame />}>
        <Route index element={<Navigate to="/today" replace />} />
        <Route path="today" element={<TodayPage />} />
        <Route path="then/:day?" element={<ThenPage />} />
        <Route path="plot/plan/:year?" element={<PlanPage />} />
        <Route path="plot/rota/:view?" element={<RotaPage />} />
        <Route path="plot/round/:which?" element={<RoundPage />} />
        <Route path="plot/tasting/:code" element={<TastingPage />} />
        <Route path="plot/shelf/:code?" element={<ShelfPage />} />
        <Route path="plot/walk/:code" element={<WalkPage />} />
        <Route path="plot/:code?" element={<PlotPage />} />
        <Route path="store/where/:id?" element={<WherePage />} />
        <Route path="store/stock/:act?" element={<TakeStockPage />} />
        <Route path="store/swap" element={<SwapPage />} />
        <Route path="store/portion/:code" element={<PortionPage />} />
        <Route path="trays/sheet/:code" element={<CountSheetPage />} />
        {lotPlaces.map((place) => (
          <Route key={place} path={`${place}/:code?`} element={<LotsPage key={place} place={place} />} />
        ))}
        <Route path="lots/:code" element={<LotPlace />} />
        <Route path="waits/:id" element={<WaitingThing />} />
        <Route path="read/:mode?" element={<ReadPage />} />
        <Route path="tags/:code?" element={<TagsPage />} />
        <Route path="books/:book?/:leaf?" element={<BooksPage />} />
        <Route path="*" element={<Navigate to="/today" replace />} />
      </Route>
    </Routes>
  );
}

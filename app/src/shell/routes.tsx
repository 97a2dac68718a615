import type { RouteObject } from 'react-router';
import { lazy } from 'react';
import { Navigate } from 'react-router';
import { BenchView } from '../views/bench/BenchView';
import { Frame } from './Frame';
import { ViewFault } from './ViewFault';

const StartView = lazy(async () => ({ default: (await import('../views/start/StartView')).StartView }));
const LaddersView = lazy(async () => ({ default: (await import('../views/ladders/LaddersView')).LaddersView }));
const LadderView = lazy(async () => ({ default: (await import('../views/ladders/LadderView')).LadderView }));
const PlanView = lazy(async () => ({ default: (await import('../views/plan/PlanView')).PlanView }));
const SurfaceView = lazy(async () => ({ default: (await import('../views/surface/SurfaceView')).SurfaceView }));
const ColourView = lazy(async () => ({ default: (await import('../views/colour/ColourView')).ColourView }));
const WeatherView = lazy(async () => ({ default: (await import('../views/weather/WeatherView')).WeatherView }));
const ReferencesView = lazy(async () => ({ default: (await import('../views/references/ReferencesView')).ReferencesView }));
const MatchView = lazy(async () => ({ default: (await import('../views/references/match/MatchView')).MatchView }));
const ShelfView = lazy(async () => ({ default: (await import('../views/shelf/ShelfView')).ShelfView }));
const LightsView = lazy(async () => ({ default: (await import('../views/lights/LightsView')).LightsView }));
const FittingsView = lazy(async () => ({ default: (await import('../views/fittings/FittingsView')).FittingsView }));
const LogView = lazy(async () => ({ default: (await import('../views/log/LogView')).LogView }));
const ShopView = lazy(async () => ({ default: (await import('../views/shop/ShopView')).ShopView }));

/** Every address of the application and the view behind it. */
export const ROUTES: RouteObject[] = [
  {
    element: (
      <ViewFault>
        <Frame />
      </ViewFault>
    ),
    children: [
      { index: true, element: <Navigate to="/bench" replace /> },
      { path: 'start', element: <StartView /> },
      { path: 'bench', element: <BenchView /> },
      { path: 'ladders', element: <LaddersView /> },
      { path: 'ladders/:propId', element: <LaddersView /> },
      { path: 'ladders/:propId/:partId', element: <LadderView /> },
      { path: 'plan', element: <PlanView /> },
      { path: 'surface', element: <SurfaceView /> },
      { path: 'surface/:partId', element: <SurfaceView /> },
      { path: 'surface/:partId/:tab', element: <SurfaceView /> },
      { path: 'colour', element: <ColourView /> },
      { path: 'colour/:tab', element: <ColourView /> },
      { path: 'colour/:tab/:id', element: <ColourView /> },
      { path: 'weather', element: <WeatherView /> },
      { path: 'weather/:partId', element: <WeatherView /> },
      { path: 'weather/:partId/:tab', element: <WeatherView /> },
      { path: 'references', element: <ReferencesView /> },
      { path: 'references/:propId', element: <ReferencesView /> },
      { path: 'references/:propId/match', element: <MatchView /> },
      { path: 'references/:propId/match/:matchId', element: <MatchView /> },
      { path: 'references/:propId/:pictureId', element: <ReferencesView /> },
      { path: 'lights/:propId', element: <LightsView /> },
      { path: 'lights/:propId/:planId', element: <LightsView /> },
      { path: 'fittings/:propId', element: <FittingsView /> },
      { path: 'fittings/:propId/:tab', element: <FittingsView /> },
      { path: 'shelf', element: <ShelfView /> },
      { path: 'shelf/:tab', element: <ShelfView /> },
      { path: 'log', element: <LogView /> },
      { path: 'shop', element: <ShopView /> },
      { path: 'shop/shelf', element: <Navigate to="/shelf" replace /> },
      { path: 'shop/:section', element: <ShopView /> },
      { path: '*', element: <Navigate to="/bench" replace /> },
    ],
  },
];

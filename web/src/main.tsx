import '@fontsource-variable/archivo/standard.css';
import '@fontsource-variable/atkinson-hyperlegible-next';
import './look.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { createBrowserRouter, Navigate } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { App } from './App.tsx';
import { Fallen } from './parts/Fallen.tsx';
import { registerOffline } from './state/offline.ts';
import { preloadChecks } from './parts/contractResolver.ts';
import { announcePage } from './state/outbox.ts';
import { store } from './state/store.ts';

const screen = (path: string, load: () => Promise<React.ComponentType>) => ({ path, lazy: async () => ({ Component: await load() }) });

const router = createBrowserRouter([
  { path: '/one-time/:token', HydrateFallback: () => null, lazy: async () => ({ Component: (await import('./screens/OneTime.tsx')).OneTime }) },
  {
    path: '/',
    Component: App,
    ErrorBoundary: Fallen,
    HydrateFallback: () => null,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('./screens/Jobs.tsx')).Jobs }) },
      {
        path: 'jobs/:jobId',
        lazy: async () => ({ Component: (await import('./screens/JobFrame.tsx')).JobFrame }),
        children: [
          { index: true, element: <Navigate to="walk" replace /> },
          screen('walk/area/:areaId', async () => (await import('./screens/Walk.tsx')).Walk),
          screen('walk/:defectId?', async () => (await import('./screens/Walk.tsx')).Walk),
          screen('match/:defectId?', async () => (await import('./screens/Match.tsx')).Match),
          screen('method/:defectId?', async () => (await import('./screens/Method.tsx')).Method),
          screen('mix/:defectId?', async () => (await import('./screens/Mix.tsx')).Mix),
          screen('days/:defectId?', async () => (await import('./screens/Days.tsx')).Days),
          screen('table', async () => (await import('./screens/Table.tsx')).Table),
          screen('changes/:recordId?', async () => (await import('./screens/History.tsx')).History),
          screen('offer', async () => (await import('./screens/Offer.tsx')).OfferScreen),
          screen('offers/:offerId', async () => (await import('./screens/KeptOffer.tsx')).KeptOffer),
          screen('plans', async () => (await import('./screens/Issued.tsx')).IssuedList),
          screen('plans/:planId', async () => (await import('./screens/Issued.tsx')).IssuedPlanPage),
          screen('options/:defectId?', async () => (await import('./screens/Options.tsx')).Options),
          screen('sheet/:defectId?', async () => (await import('./screens/Sheet.tsx')).Sheet),
        ],
      },
      { path: 'day/:name?', lazy: async () => ({ Component: (await import('./screens/OwnDay.tsx')).OwnDay }) },
      { path: 'shelf/:systemId?', lazy: async () => ({ Component: (await import('./screens/Shelf.tsx')).Shelf }) },
      { path: 'rules', lazy: async () => ({ Component: (await import('./screens/Rules.tsx')).Rules }) },
      { path: 'figures/:what?', lazy: async () => ({ Component: (await import('./screens/Figures.tsx')).Figures }) },
      { path: 'bin', lazy: async () => ({ Component: (await import('./screens/Bin.tsx')).Bin }) },
      { path: 'keys', lazy: async () => ({ Component: (await import('./screens/KeyCard.tsx')).KeyCard }) },
      { path: 'people', lazy: async () => ({ Component: (await import('./screens/People.tsx')).People }) },
      { path: 'interface', lazy: async () => ({ Component: (await import('./screens/Interface.tsx')).Interface }) },
      { path: '*', element: <Navigate to="/" replace /> },
    ],
  },
]);

const place = document.getElementById('page');
if (place) {
  announcePage();
  preloadChecks();
  registerOffline();
  createRoot(place).render(
    <StrictMode>
      <Provider store={store}>
        <RouterProvider router={router} />
      </Provider>
    </StrictMode>,
  );
}

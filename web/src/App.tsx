import { lazy, Suspense } from 'react';
import { Route, Routes } from 'react-router';
import { Quiet } from './parts/Quiet';
import { BoardScreen } from './screens/board/BoardScreen';
import { Shell } from './shell/Shell';
import { words } from './words/en';

const SawsScreen = lazy(() => import('./screens/saws/SawsScreen'));
const SawScreen = lazy(() => import('./screens/saw/SawScreen'));
const NewSawScreen = lazy(() => import('./screens/saw-form/NewSawScreen'));
const EditSawScreen = lazy(() => import('./screens/saw-form/EditSawScreen'));
const TensionScreen = lazy(() => import('./screens/tension/TensionScreen'));
const SettingsScreen = lazy(() => import('./screens/settings/SettingsScreen'));

/** Which address shows which screen. */
export function App() {
  return (
    <Shell>
      <Suspense fallback={<Quiet>{words.loading}</Quiet>}>
        <Routes>
          <Route path="/" element={<BoardScreen />} />
          <Route path="/saws" element={<SawsScreen />} />
          <Route path="/saws/new" element={<NewSawScreen />} />
          <Route path="/saws/:tag" element={<SawScreen />} />
          <Route path="/saws/:tag/edit" element={<EditSawScreen />} />
          <Route path="/saws/:tag/tension" element={<TensionScreen />} />
          <Route path="/settings" element={<SettingsScreen />} />
          <Route path="*" element={<Quiet>{words.noScreen}</Quiet>} />
        </Routes>
      </Suspense>
    </Shell>
  );
}

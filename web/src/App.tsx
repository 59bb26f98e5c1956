import { lazy, Suspense } from 'react';
import { Route, Routes } from 'react-router';
import { Quiet } from './parts/Quiet';
import { BoardScreen } from './screens/board/BoardScreen';
import { OtherScreensStay } from './shell/ScreenFailed';
import { Shell } from './shell/Shell';
import { words } from './words/en';

const SawsScreen = lazy(() => import('./screens/saws/SawsScreen'));
const SawScreen = lazy(() => import('./screens/saw/SawScreen'));
const NewSawScreen = lazy(() => import('./screens/saw-form/NewSawScreen'));
const EditSawScreen = lazy(() => import('./screens/saw-form/EditSawScreen'));
const TensionScreen = lazy(() => import('./screens/tension/TensionScreen'));
const QuickRecord = lazy(() => import('./screens/saw/QuickRecord'));
const BenchScreen = lazy(() => import('./screens/bench/BenchScreen'));
const VisitScreen = lazy(() => import('./screens/bench/VisitScreen'));
const CrewsScreen = lazy(() => import('./screens/crews/CrewsScreen'));
const LogScreen = lazy(() => import('./screens/log/LogScreen'));
const RecordsScreen = lazy(() => import('./screens/records/RecordsScreen'));
const SharpenScreen = lazy(() => import('./screens/sharpen/SharpenScreen'));
const PartScreen = lazy(() => import('./screens/parts/PartScreen'));
const StoresScreen = lazy(() => import('./screens/stores/StoresScreen'));
const FaultsScreen = lazy(() => import('./screens/faults/FaultsScreen'));
const NewFault = lazy(() => import('./screens/faults/NewFault'));
const FaultScreen = lazy(() => import('./screens/faults/FaultScreen'));
const OilingScreen = lazy(() => import('./screens/oiling/OilingScreen'));
const HandbookScreen = lazy(() => import('./screens/handbook/HandbookScreen'));
const SettingsScreen = lazy(() => import('./screens/settings/SettingsScreen'));

/** Which address shows which screen. */
export function App() {
  return (
    <Shell>
      <OtherScreensStay>
        <Suspense fallback={<Quiet>{words.loading}</Quiet>}>
          <Routes>
            <Route path="/" element={<BoardScreen />} />
            <Route path="/saws" element={<SawsScreen />} />
            <Route path="/saws/new" element={<NewSawScreen />} />
            <Route path="/saws/:tag" element={<SawScreen />} />
            <Route path="/saws/:tag/edit" element={<EditSawScreen />} />
            <Route path="/saws/:tag/tension" element={<TensionScreen />} />
            <Route path="/saws/:tag/record" element={<QuickRecord />} />
            <Route path="/saws/:tag/sharpen" element={<SharpenScreen />} />
            <Route path="/parts/:tag" element={<PartScreen />} />
            <Route path="/saws/:tag/oiling" element={<OilingScreen />} />
            <Route path="/faults" element={<FaultsScreen />} />
            <Route path="/faults/new" element={<NewFault />} />
            <Route path="/faults/:id" element={<FaultScreen />} />
            <Route path="/stores" element={<StoresScreen />} />
            <Route path="/bench" element={<BenchScreen />} />
            <Route path="/bench/:visitId" element={<VisitScreen />} />
            <Route path="/crews" element={<CrewsScreen />} />
            <Route path="/log" element={<LogScreen />} />
            <Route path="/records" element={<RecordsScreen />} />
            <Route path="/handbook" element={<HandbookScreen />} />
            <Route path="/handbook/:section" element={<HandbookScreen />} />
            <Route path="/settings" element={<SettingsScreen />} />
            <Route path="*" element={<Quiet>{words.noScreen}</Quiet>} />
          </Routes>
        </Suspense>
      </OtherScreensStay>
    </Shell>
  );
}

import { Route, Routes } from 'react-router';
import { ForWhoMay } from './parts/ForWhoMay';
import { Quiet } from './parts/Quiet';
import { BoardScreen } from './screens/board/BoardScreen';
import { HouseReady } from './shell/HouseReady';
import { fetched } from './shell/fetched';
import { OtherScreensStay } from './shell/ScreenFailed';
import { Shell } from './shell/Shell';
import { SignedIn } from './shell/SignedIn';
import { words } from './words/en';

const SawsScreen = fetched(() => import('./screens/saws/SawsScreen'));
const SawScreen = fetched(() => import('./screens/saw/SawScreen'));
const PastScreen = fetched(() => import('./screens/saw-form/PastScreen'));
const NewSawScreen = fetched(() => import('./screens/saw-form/NewSawScreen'));
const EditSawScreen = fetched(() => import('./screens/saw-form/EditSawScreen'));
const TensionScreen = fetched(() => import('./screens/tension/TensionScreen'));
const QuickRecord = fetched(() => import('./screens/saw/QuickRecord'));
const PlanScreen = fetched(() => import('./screens/plan/PlanScreen'));
const RemindersScreen = fetched(() => import('./screens/reminders/RemindersScreen'));
const PackScreen = fetched(() => import('./screens/pack/PackScreen'));
const LayOutScreen = fetched(() => import('./screens/pack/LayOutScreen'));
const BenchScreen = fetched(() => import('./screens/bench/BenchScreen'));
const VisitScreen = fetched(() => import('./screens/bench/VisitScreen'));
const CrewsScreen = fetched(() => import('./screens/crews/CrewsScreen'));
const LogScreen = fetched(() => import('./screens/log/LogScreen'));
const RecordsScreen = fetched(() => import('./screens/records/RecordsScreen'));
const BringInScreen = fetched(() => import('./screens/bring-in/BringInScreen'));
const SharpenScreen = fetched(() => import('./screens/sharpen/SharpenScreen'));
const PartScreen = fetched(() => import('./screens/parts/PartScreen'));
const StoresScreen = fetched(() => import('./screens/stores/StoresScreen'));
const FaultsScreen = fetched(() => import('./screens/faults/FaultsScreen'));
const NewFault = fetched(() => import('./screens/faults/NewFault'));
const FaultScreen = fetched(() => import('./screens/faults/FaultScreen'));
const OilingScreen = fetched(() => import('./screens/oiling/OilingScreen'));
const HandbookScreen = fetched(() => import('./screens/handbook/HandbookScreen'));
const PeopleScreen = fetched(() => import('./screens/people/PeopleScreen'));
const AccountScreen = fetched(() => import('./screens/account/AccountScreen'));
const SettingsScreen = fetched(() => import('./screens/settings/SettingsScreen'));

/** Which address shows which screen. */
export function App() {
  return (
    <SignedIn>
      <Shell>
        <OtherScreensStay>
          <HouseReady>
            <Routes>
              <Route path="/" element={<BoardScreen />} />
              <Route path="/saws" element={<SawsScreen />} />
              <Route
                path="/saws/new"
                element={
                  <ForWhoMay write="/api/saws">
                    <NewSawScreen />
                  </ForWhoMay>
                }
              />
              <Route path="/saws/:tag" element={<SawScreen />} />
              <Route
                path="/saws/:tag/edit"
                element={
                  <ForWhoMay write="/api/saws/{tag}/fittings">
                    <EditSawScreen />
                  </ForWhoMay>
                }
              />
              <Route
                path="/saws/:tag/past"
                element={
                  <ForWhoMay write="/api/saws/{tag}/past">
                    <PastScreen />
                  </ForWhoMay>
                }
              />
              <Route
                path="/saws/:tag/tension"
                element={
                  <ForWhoMay write="/api/saws/{tag}/tension-checks">
                    <TensionScreen />
                  </ForWhoMay>
                }
              />
              <Route
                path="/saws/:tag/record"
                element={
                  <ForWhoMay write="/api/saws/{tag}/records">
                    <QuickRecord />
                  </ForWhoMay>
                }
              />
              <Route
                path="/saws/:tag/sharpen"
                element={
                  <ForWhoMay write="/api/saws/{tag}/sharpening">
                    <SharpenScreen />
                  </ForWhoMay>
                }
              />
              <Route path="/parts/:tag" element={<PartScreen />} />
              <Route path="/saws/:tag/oiling" element={<OilingScreen />} />
              <Route path="/faults" element={<FaultsScreen />} />
              <Route
                path="/faults/new"
                element={
                  <ForWhoMay write="/api/saws/{tag}/faults">
                    <NewFault />
                  </ForWhoMay>
                }
              />
              <Route path="/faults/:id" element={<FaultScreen />} />
              <Route path="/stores" element={<StoresScreen />} />
              <Route path="/plan" element={<PlanScreen />} />
              <Route path="/reminders" element={<RemindersScreen />} />
              <Route path="/packs/:booking?" element={<PackScreen />} />
              <Route path="/lay-out" element={<LayOutScreen />} />
              <Route path="/bench" element={<BenchScreen />} />
              <Route path="/bench/:visitId" element={<VisitScreen />} />
              <Route
                path="/crews"
                element={
                  <ForWhoMay write="/api/outings/issue">
                    <CrewsScreen />
                  </ForWhoMay>
                }
              />
              <Route path="/log" element={<LogScreen />} />
              <Route path="/records" element={<RecordsScreen />} />
              <Route
                path="/records/bring-in"
                element={
                  <ForWhoMay write="/api/sheets-in">
                    <BringInScreen />
                  </ForWhoMay>
                }
              />
              <Route path="/handbook" element={<HandbookScreen />} />
              <Route path="/handbook/:section" element={<HandbookScreen />} />
              <Route path="/settings" element={<SettingsScreen />} />
              <Route path="/people" element={<PeopleScreen />} />
              <Route path="/account" element={<AccountScreen />} />
              <Route path="*" element={<Quiet>{words.noScreen}</Quiet>} />
            </Routes>
          </HouseReady>
        </OtherScreensStay>
      </Shell>
    </SignedIn>
  );
}

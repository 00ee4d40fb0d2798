import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { SignedIn } from '../cook';
import { GoingAway } from '../people/Farewell';
import { Rail } from './Rail';
import { SignedOut } from './SignedOut';
import { Loading } from '../parts/Loading';
import { Undoing } from '../parts/Undo';
import { Unsaved } from '../parts/Unsaved';
import { BringRecipe } from '../screens/BringRecipe';
import { Card } from '../screens/Card';
import { Dishes } from '../screens/Dishes';
import { DishScreen } from '../screens/DishScreen';
import { KitchenScreen } from '../screens/KitchenScreen';
import { OneCookPage } from '../log/OneCook';
import { LogBook } from '../screens/LogBook';
import { PaperLog } from '../screens/PaperLog';
import { TwoCooks } from '../screens/TwoCooks';
import { Weeks } from '../screens/Weeks';
import { PeopleScreen } from '../screens/PeopleScreen';
import { SignIn } from '../screens/SignIn';
import { Stove } from '../screens/Stove';
import { StoveDoor } from '../screens/StoveDoor';
import { NightLists } from '../screens/NightLists';
import { Tonight } from '../screens/Tonight';
import { Taught } from '../screens/Taught';
import { ThroughTheLink } from '../screens/ThroughTheLink';
import { TwoDishes } from '../screens/TwoDishes';
import { WorkOut } from '../screens/WorkOut';
import { You } from '../screens/You';
import { useSending } from '../stove/outbox';
import { runClocks } from '../time';
import { queries } from '../queries';
import { t } from '../words/messages';

export function App() {
  return (
    <Unsaved>
      <Undoing>
        <Places />
      </Undoing>
    </Unsaved>
  );
}

function Places() {
  const { pathname } = useLocation();
  // Another place begins at its top.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  const session = useQuery({
    ...queries.session,
    staleTime: Infinity,
    refetchOnMount: 'always',
  });

  if (session.isPending) {
    return <Loading failed={false}>{t('shell.app.opening-the-kitchen')}</Loading>;
  }
  // Who was signed in before the network went is still at the stove.
  if (!session.data) {
    return (
      <main className="grid min-h-dvh place-content-center gap-4 p-8 text-center text-xl">
        <p>{t('common.the-kitchen-cannot-be-reached')}</p>
        <button className="rounded-lg bg-ink px-6 py-3 text-paper" onClick={() => void session.refetch()}>
          {t('shell.app.try-again')}
        </button>
      </main>
    );
  }
  const cook = session.data.cook;
  runClocks(cook?.clock ?? null);
  if (pathname === '/link') {
    return <ThroughTheLink />;
  }
  if (cook === null) {
    return <SignIn demo={session.data.demo} mail={session.data.mail} />;
  }
  return (
    <SignedIn value={cook}>
      <div className="flex min-h-dvh flex-col max-md:pb-(--rail)">
        <Rail />
        <SignedOut cook={cook} />
        <Sending />
        <GoingAway />
        <Routes>
          <Route path="/" element={<WorkOut />} />
          <Route path="/tonight" element={<Tonight />} />
          <Route path="/tonight/:day" element={<Tonight />} />
          <Route path="/tonight/:day/lists" element={<NightLists />} />
          <Route path="/stove" element={<StoveDoor />} />
          <Route path="/stove/:id" element={<Stove />} />
          <Route path="/card" element={<Card />} />
          <Route path="/dishes" element={<Dishes />} />
          <Route path="/dishes/bring" element={<BringRecipe />} />
          <Route path="/dishes/new/:family" element={<DishScreen />} />
          <Route path="/dishes/:id" element={<DishScreen />} />
          <Route path="/dishes/:id/beside/:other" element={<TwoDishes />} />
          <Route path="/kitchen" element={<KitchenScreen />} />
          <Route path="/people" element={<PeopleScreen />} />
          <Route path="/you" element={<You />} />
          <Route path="/log" element={<LogBook />} />
          <Route path="/log/taught" element={<Taught />} />
          <Route path="/log/weeks" element={<Weeks />} />
          <Route path="/log/paper" element={<PaperLog />} />
          <Route path="/log/:id" element={<OneCookPage />} />
          <Route path="/log/:id/over/:other" element={<TwoCooks />} />
          <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
      </div>
    </SignedIn>
  );
}

/** Touches go out wherever on the tablet somebody is. */
function Sending() {
  useSending();
  return null;
}

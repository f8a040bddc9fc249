import { say } from '@idle-kettle/words';
import { Outlet } from 'react-router';
import { KettleMark } from './KettleMark.tsx';

/** A page for whoever is not in yet: nothing of the household, and no way to it. */
export const Outside = ({ children }: { readonly children?: React.ReactNode }) => (
  <div className="flex min-h-screen flex-col">
    <header className="rim bg-base-100">
      <p className="mx-auto flex max-w-[84rem] items-center gap-2 px-3 py-3 text-xl font-bold text-primary sm:px-6">
        <KettleMark />
        {say('ui.idleKettle')}
      </p>
    </header>
    <main id="page" className="mx-auto w-full max-w-[84rem] grow px-4 py-3 sm:px-6 sm:py-5">
      {children ?? <Outlet />}
    </main>
  </div>
);

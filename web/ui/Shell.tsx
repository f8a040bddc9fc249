import { say, setLanguage, setMeasures, type Language } from '@idle-kettle/words';
import { useEffect, useRef } from 'react';
import {
  Amphora,
  BookOpenText,
  CookingPot,
  House,
  NotebookTabs,
  Sun,
  Tags,
  Users,
} from 'lucide-react';
import { NavLink, Outlet, ScrollRestoration, useLocation } from 'react-router';
import { keepPages } from '../keepPages.ts';
import { keepSpokenTo, lastSpokenTo, useKitchen, type SpokenTo } from '../api/kitchen.ts';
import { useMay, useWho } from '../api/who.ts';
import { useAnnounced } from './announce.ts';
import { keepFocus } from './keepFocus.ts';
import { KettleMark } from './KettleMark.tsx';
import { Loading } from './Loading.tsx';

const PLACES = [
  { to: '/', text: 'ui.today', icon: Sun },
  { to: '/batches', text: 'ui.batches', icon: Tags },
  { to: '/stove', text: 'ui.stove', icon: CookingPot },
  { to: '/shelf', text: 'ui.shelf', icon: Amphora },
  { to: '/recipes', text: 'ui.recipes', icon: NotebookTabs },
  { to: '/book', text: 'ui.book', icon: BookOpenText },
  { to: '/kitchen', text: 'ui.kitchen', icon: House },
] as const;

/** Where a batch is worked at: who only looks is offered nothing there that would be refused. */
const WORK = /^\/(?:batches\/|cook-sessions\/|stove)/;

/** A kitchen that cooks by UK measures is spoken to in British English. */
const languageOf = (spokenTo: SpokenTo | null): Language =>
  spokenTo?.measures === 'uk' ? 'en-GB' : 'en-US';

/**
 * The head of every page, and the page under it; drawn anew, whole, when its language or its
 * measures change. So it waits until they are known, or nobody tells them: what is typed meanwhile
 * would be lost.
 */
export function Shell() {
  const { data: kitchen, isFetched } = useKitchen();
  const spokenTo = kitchen ?? lastSpokenTo();
  const language = languageOf(spokenTo);
  setLanguage(language);
  if (kitchen === undefined) setMeasures(spokenTo);
  const announced = useAnnounced();
  const member = useWho().data?.member ?? null;
  const mayCook = useMay()('cook');
  const { pathname } = useLocation();
  const looksOnly = !mayCook && WORK.test(pathname);
  const page = useRef<HTMLDivElement>(null);
  useEffect(keepPages, []);
  useEffect(() => {
    if (kitchen !== undefined) keepSpokenTo(kitchen);
  }, [kitchen]);
  useEffect(() => {
    return page.current === null ? undefined : keepFocus(page.current);
  }, [language, spokenTo?.units, spokenTo?.temperature]);
  return (
    <div
      ref={page}
      key={`${language} ${spokenTo?.units ?? 'us'} ${spokenTo?.temperature ?? 'F'}`}
      lang={language}
      className="flex min-h-screen flex-col"
    >
      <a
        href="#page"
        className="btn btn-primary sr-only focus:not-sr-only focus:absolute focus:z-10"
      >
        {say('ui.skipToContent')}
      </a>
      <header className="rim bg-base-100 will-change-transform print:hidden">
        <div className="mx-auto flex max-w-[84rem] items-center gap-1 px-2 py-2 sm:gap-4 sm:px-6 lg:py-1">
          <NavLink
            to="/"
            className="flex items-center gap-2 text-lg font-bold whitespace-nowrap text-primary max-sm:hidden sm:text-xl"
          >
            <KettleMark />
            <span className="max-sm:sr-only">{say('ui.idleKettle')}</span>
          </NavLink>
          <nav
            aria-label={say('ui.main')}
            className="ml-auto flex max-sm:w-full max-sm:justify-between sm:gap-1"
          >
            {PLACES.map(({ to, text, icon: Icon }) => (
              <NavLink
                key={to}
                to={to}
                end
                className={({ isActive }) =>
                  `btn btn-ghost gap-0.5 px-1 max-sm:h-12 max-sm:flex-col max-sm:flex-nowrap max-sm:text-[0.6875rem] max-sm:leading-none sm:px-2 sm:text-sm lg:gap-1.5 lg:px-3 lg:text-base ${isActive ? 'underline decoration-secondary decoration-4 underline-offset-8' : ''}`
                }
              >
                <Icon aria-hidden className="size-5 sm:max-lg:hidden" />
                {say(text)}
              </NavLink>
            ))}
            <NavLink
              to="/household"
              aria-label={say('people.household')}
              title={say('people.household')}
              className={({ isActive }) =>
                `btn btn-ghost px-1 text-base sm:px-3 ${isActive ? 'underline decoration-secondary decoration-4 underline-offset-8' : ''}`
              }
            >
              <Users aria-hidden className="size-5" />
              {member !== null && (
                <span className="max-w-32 truncate max-lg:hidden">{member.name}</span>
              )}
            </NavLink>
          </nav>
        </div>
      </header>
      <ScrollRestoration />
      <main
        id="page"
        className={`mx-auto w-full max-w-[84rem] grow px-4 py-3 sm:px-6 sm:py-5 lg:py-2.5 ${looksOnly ? 'looks-only' : ''}`}
      >
        {spokenTo === null && !isFetched ? <Loading what={say('ui.theKitchen')} /> : <Outlet />}
      </main>
      <p role="status" data-testid="announced" className="sr-only">
        {announced}
      </p>
      <footer className="print:hidden mx-auto max-w-[84rem] px-4 pb-6 text-sm opacity-80 sm:px-6 lg:pb-1.5 lg:text-xs">
        {say('ui.timesAndVerdictsAreA')}
      </footer>
    </div>
  );
}

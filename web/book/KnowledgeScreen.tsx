import { say } from '@idle-kettle/words';
import type { Kitchen, Knowledge } from '@idle-kettle/contract';
import { ArrowLeft } from 'lucide-react';
import { Link } from 'react-router';
import { useKnowledge } from '../api/book.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { Story, usuallyInWords } from './Story.tsx';

/** What this kitchen knows: each estimate, what it rests on, its trend, and its way back. */
export function KnowledgeScreen() {
  const known = useKnowledge();
  const kitchen = useKitchen();
  const failure = failureOf([known, kitchen]);
  if (failure) return <NotFetched {...failure} />;
  if (!known.data || !kitchen.data) return <Loading what={say('book.theBook')} />;
  return (
    <>
      <Link to="/book" className="link inline-flex items-center gap-1 text-sm">
        <ArrowLeft aria-hidden className="size-4" /> {say('book.toBook')}
      </Link>
      <PageHeading className="text-3xl font-bold text-primary">{say('book.knowledge')}</PageHeading>
      <p className="mb-4 max-w-prose">{say('book.knowledgeWhy')}</p>
      <ErrorBoundary what={say('book.knowledge')} on={known.data}>
        <Stories known={known.data} kitchen={kitchen.data} />
      </ErrorBoundary>
    </>
  );
}

function Stories({ known, kitchen }: { readonly known: Knowledge; readonly kitchen: Kitchen }) {
  const mayForget = useMay()('kitchen');
  const [learned, not] = [
    known.stories.filter(({ cooks }) => cooks.length > 0),
    known.stories.filter(({ cooks }) => cooks.length === 0),
  ];
  return (
    <>
      <ul className="grid gap-4 lg:grid-cols-2">
        {learned.map((story) => (
          <Story
            key={`${story.what} ${story.burner} ${story.of}`}
            story={story}
            known={known}
            kitchen={kitchen}
            mayForget={mayForget}
          />
        ))}
      </ul>
      {not.length > 0 && (
        <section aria-label={say('book.nothingYet')} className="mt-4">
          <h2 className="text-xl font-bold text-primary">{say('book.nothingYet')}</h2>
          <ul>
            {not.map((story) => (
              <li key={`${story.what} ${story.burner} ${story.of}`}>
                {usuallyInWords(story, known, kitchen)}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

import { say } from '@idle-kettle/words';
import type { JarStory, ShelfPlaceOf } from '@idle-kettle/contract/season';
import { format } from 'date-fns';
import { ArrowLeft } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { failureOf } from '../api/failure.ts';
import { useJarsOfCook, useShelf } from '../api/season.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { placeInWords } from './places.ts';

/** Every jar of a batch, with where it is or went: what is looked up when something was wrong. */
export function BatchJarsScreen() {
  const { id = '' } = useParams();
  const jars = useJarsOfCook(id);
  const shelf = useShelf();
  const failure = failureOf([jars, shelf]);
  if (failure) return <NotFetched {...failure} />;
  if (!jars.data || !shelf.data) return <Loading what={say('shelf.theJars')} />;
  const [first] = jars.data;
  if (first === undefined)
    return <Empty title={say('shelf.noJarsOfBatch')}>{say('shelf.emptyHow')}</Empty>;
  return (
    <article className="flex flex-col gap-3">
      <Link to="/shelf" className="link inline-flex items-center gap-1 text-sm">
        <ArrowLeft aria-hidden className="size-4" /> {say('shelf.toShelf')}
      </Link>
      <PageHeading className="text-3xl font-bold text-primary">
        {say('shelf.jarsOf', { name: first.name })}
      </PageHeading>
      <p className="flex flex-wrap gap-4">
        <Link className="link" to={`/book/${id}`}>
          {say('shelf.itsRecord')}
        </Link>
        <Link className="link" to={`/trouble?cook=${id}`}>
          {say('book.wentWrong')}
        </Link>
      </p>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">{say('shelf.number')}</th>
            <th scope="col">{say('shelf.size')}</th>
            <th scope="col">{say('shelf.whereIsIt')}</th>
            <th scope="col">{say('shelf.since')}</th>
          </tr>
        </thead>
        <tbody>
          {jars.data.map((jar) => (
            <tr key={jar.code}>
              <td>
                <Link className="link" to={`/j/${jar.code}`}>
                  {jar.code}
                </Link>
              </td>
              <td>{jar.size}</td>
              <td>{whereOf(jar, shelf.data.places)}</td>
              <td>{sinceOf(jar)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </article>
  );
}

function whereOf({ life, place, givenTo }: JarStory, places: readonly ShelfPlaceOf[]): string {
  if (life === 'in') return placeInWords(place, places);
  if (life === 'opened') return say('shelf.openedIn', { place: placeInWords(place, places) });
  return life === 'given' && givenTo !== null
    ? say('shelf.givenTo', { name: givenTo })
    : say(`shelf.life.${life}`);
}

function sinceOf({ events, madeAt }: JarStory): string {
  const last = events.findLast(({ counted }) => counted);
  return format(new Date(last?.at ?? madeAt), 'd MMM yyyy');
}

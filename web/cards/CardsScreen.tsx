import type { Card } from '@idle-kettle/contract';
import { format } from 'date-fns';
import { Archive, CookingPot, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useBringBackCard, useCards, usePutAwayCard } from '../api/cards.ts';
import { failureOf } from '../api/failure.ts';
import { sayError } from '../api/request.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { fruitColourOfLines } from '../ui/fruit.ts';
import { Guarded } from '../ui/Guarded.tsx';
import { Loading } from '../ui/Loading.tsx';

/** The cards: formulas that are made again, each with its versions. */
export function CardsScreen() {
  const cards = useCards();
  const putAway = usePutAwayCard();
  const bringBack = useBringBackCard();
  const [gone, setGone] = useState<Card | null>(null);
  const failure = failureOf([cards]);
  if (failure) return <NotFetched {...failure} />;
  if (!cards.data) return <Loading what="the cards" />;
  const trouble = putAway.error ?? bringBack.error;
  return (
    <>
      <h1 className="mb-4 text-3xl font-bold text-primary">Cards</h1>
      {gone && (
        <p role="status" className="mb-4 flex items-center gap-2">
          “{gone.name}” is put away.
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => bringBack.mutate(gone, { onSuccess: () => setGone(null) })}
          >
            <Undo2 aria-hidden className="size-4" /> Bring it back
          </button>
        </p>
      )}
      {trouble && (
        <p role="alert" className="mb-4 border-l-4 border-error pl-3 text-error">
          {sayError(trouble)}
        </p>
      )}
      {cards.data.length === 0 ? (
        <Empty title="No cards yet.">
          Open a batch and, under “Keep”, keep its formula as a card; then start the next batch from
          it.
        </Empty>
      ) : (
        <ul className="grid gap-4 md:grid-cols-2">
          {cards.data.map((card) => (
            <Guarded key={card.id} what={`the card ${card.name}`} as="li" on={card}>
              <OneCard
                card={card}
                onPutAway={() => putAway.mutate(card, { onSuccess: () => setGone(card) })}
              />
            </Guarded>
          ))}
        </ul>
      )}
    </>
  );
}

function OneCard({ card, onPutAway }: { card: Card; onPutAway: () => void }) {
  const [newest] = card.versions;
  const [number, setNumber] = useState(newest?.number ?? 1);
  const version = card.versions.find((found) => found.number === number) ?? newest;
  if (!version) return null;
  return (
    <li
      className="jar-label flex flex-col gap-2 py-4 pr-6 pl-4"
      style={{ '--fruit': fruitColourOfLines(version) } as React.CSSProperties}
    >
      <div className="flex items-start gap-2">
        <h2 className="grow text-xl font-bold text-primary">{card.name}</h2>
        <button
          type="button"
          className="btn btn-square btn-ghost btn-sm"
          aria-label={`Put away ${card.name}`}
          onClick={onPutAway}
        >
          <Archive aria-hidden className="size-4" />
        </button>
      </div>
      <label className="flex flex-wrap items-center gap-2 text-sm">
        Version
        <select
          className="select select-sm w-auto"
          value={version.number}
          onChange={({ target }) => setNumber(Number(target.value))}
        >
          {card.versions.map((found) => (
            <option key={found.number} value={found.number}>
              {found.number}, {format(new Date(found.createdAt), 'd MMM yyyy')}
            </option>
          ))}
        </select>
        {version.note !== '' && <span>“{version.note}”</span>}
      </label>
      <ul>
        {version.lines.map((line, index) => (
          <li key={index}>{line}</li>
        ))}
      </ul>
      <Link
        to={`/batches/new?card=${card.id}&version=${version.number}`}
        className="btn btn-primary mt-auto w-fit"
      >
        <CookingPot aria-hidden className="size-5" /> Start a batch from it
      </Link>
    </li>
  );
}

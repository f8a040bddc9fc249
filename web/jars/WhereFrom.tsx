/** Where the figures at the jars come from. */
export const WhereFrom = () => (
  <details className="text-base">
    <summary className="cursor-pointer text-lg font-bold">
      Where do these figures come from?
    </summary>
    <dl className="mt-1 flex flex-col gap-2">
      <div>
        <dt className="font-bold">Minutes at the boil</dt>
        <dd>
          The USDA Complete Guide to Home Canning and the national extension centre’s pages, from
          memory: by product, the largest jar of the load, altitude, and whether jars were boiled
          sterile. Check the current edition.
        </dd>
      </div>
      <div>
        <dt className="font-bold">What is in the pot</dt>
        <dd>
          As measured; else the mass that the stove’s readings tell, or the forecast, at the density
          of a hot syrup of this batch’s solids, less what is skimmed and clings.
        </dd>
      </div>
      <div>
        <dt className="font-bold">Jars in a canner</dt>
        <dd>
          From how many half-pints it takes, by the best known packings of circles in a circle, with
          a gap between jars.
        </dd>
      </div>
      <div>
        <dt className="font-bold">Minutes to the boil</dt>
        <dd>
          The heat that water, glass and spread take up, over what the burner puts in less what the
          canner loses; then as your own loads were watched.
        </dd>
      </div>
      <div>
        <dt className="font-bold">Rest, cooling, a day for a loose lid</dt>
        <dd>Common practice: 5 minutes, 12 to 24 hours, 24 hours from when the jar came out.</dd>
      </div>
    </dl>
  </details>
);

/** A list that holds nothing yet: says so, and how it is begun. */
export const Empty = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section className="rounded-box bg-base-100 p-8 text-lg">
    <p className="font-bold text-primary">{title}</p>
    <p className="mt-1 max-w-prose">{children}</p>
  </section>
);

import { Link } from 'react-router';

/** What can be done with a record as a whole: look at what changed in it, and delete it. */
export function OfRecord({
  jobId,
  id,
  words,
  mayDelete,
  onDelete,
}: {
  jobId: string;
  id: string;
  words: string;
  mayDelete: boolean;
  onDelete: () => Promise<unknown>;
}) {
  return (
    <>
      <Link to={`/jobs/${jobId}/changes/${id}`}>What changed</Link>
      {mayDelete ? (
        <button
          type="button"
          className="link"
          onClick={() => {
            void onDelete();
          }}
        >
          {words}
        </button>
      ) : null}
    </>
  );
}

import { useEffect, useState } from 'react';
import type { WaitingPhoto } from '../state/photoQueue.ts';
import { letGo, waitingPicture } from '../state/photoSending.ts';
import { store } from '../state/store.ts';
import { fileSize } from '../views/fileSize.ts';

const stateWords: Record<WaitingPhoto['state'], string> = {
  shrinking: 'being made smaller',
  waiting: 'waits to be sent',
  sending: 'being sent',
  offline: 'kept here',
  refused: 'not taken',
};

/** A photo that has not arrived yet: what it waits for, or why it is not taken. */
export function PhotoOnTheWay({ photo }: { photo: WaitingPhoto }) {
  const [url, setUrl] = useState<string>();
  const ready = photo.bytes !== undefined;
  useEffect(() => {
    if (!ready) return;
    let made: string | undefined;
    void waitingPicture(store, photo.id).then((picture) => {
      if (!picture) return;
      made = URL.createObjectURL(picture);
      setUrl(made);
    });
    return () => {
      if (made !== undefined) URL.revokeObjectURL(made);
    };
  }, [photo.id, ready]);
  return (
    <li className={`photo${photo.state === 'refused' ? ' refused' : ''}`}>
      <span className="picture">{url === undefined ? null : <img src={url} alt="" />}</span>
      <p role={photo.state === 'refused' ? 'alert' : 'status'} style={{ margin: '4px 0' }}>
        <b>{photo.name}</b>, {stateWords[photo.state]}. {photo.message}
      </p>
      <div className="under">
        {photo.bytes === undefined ? (
          <span>{fileSize(photo.givenBytes)} as given</span>
        ) : (
          <span>
            {fileSize(photo.givenBytes)} made {fileSize(photo.bytes)}
          </span>
        )}
        {photo.state === 'refused' ? (
          <button
            type="button"
            className="link"
            onClick={() => {
              void letGo(store, photo.id);
            }}
          >
            Let it go
          </button>
        ) : null}
      </div>
    </li>
  );
}

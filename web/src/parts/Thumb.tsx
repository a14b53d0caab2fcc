import Button from '@mui/material/Button';
import { Camera } from 'lucide-react';
import { useRef, type ReactNode } from 'react';
import { takeIn } from '../state/photoSending.ts';
import { store } from '../state/store.ts';

/** What one does again and again: beside the title on a desk, along the lower edge within reach of a thumb on the phone. */
export const Thumb = ({ children }: { children: ReactNode }) => <div className="thumb">{children}</div>;

/** The question in hand, in words; nothing where none is. */
const questionInHand = (): string | undefined => document.activeElement?.closest<HTMLElement>('[data-question]')?.dataset['question'];

/** On the phone: the camera at once, whatever question is in view. The photo goes to the repair in view, named by the question in hand. */
export function TakePhoto({ defectId }: { defectId: string }) {
  const camera = useRef<HTMLInputElement>(null);
  const at = useRef<string>(undefined);
  return (
    <>
      <input
        ref={camera}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label="Photo from the camera"
        onChange={(event) => {
          if (event.target.files) void takeIn(store, { entity: 'defect', id: defectId }, [...event.target.files], false, at.current);
          event.target.value = '';
        }}
      />
      <Button
        variant="outlined"
        // before the hand leaves the question
        onPointerDown={() => {
          at.current = questionInHand();
        }}
        onClick={() => {
          camera.current?.click();
        }}
      >
        <Camera size={20} aria-hidden="true" />
        <span className="clip">Take a photo</span>
      </Button>
    </>
  );
}

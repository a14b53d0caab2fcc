import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { defectKinds, surfaces, type DefectKind } from '@oddment/core';

/** What was found: every kind of defect, by the surface it is in. */
export function KindChooser({ open, onChoose, onClose }: { open: boolean; onChoose: (kind: DefectKind) => void; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="kind-title" maxWidth="md" fullWidth>
      <div style={{ padding: '16px 20px' }}>
        <h2 id="kind-title" style={{ fontSize: 20 }}>
          What did you find?
        </h2>
        <div className="kinds">
          {surfaces.map((surface) => (
            <section key={surface} aria-label={surface}>
              <h3>{surface}</h3>
              {defectKinds()
                .filter((k) => k.surface === surface)
                .map((k) => (
                  <button
                    type="button"
                    key={k.id}
                    className="kind"
                    onClick={() => {
                      onChoose(k.id);
                    }}
                  >
                    {k.title}
                  </button>
                ))}
            </section>
          ))}
        </div>
        <div style={{ display: 'flex', justifyContent: 'flex-end' }}>
          <Button variant="outlined" onClick={onClose}>
            Cancel
          </Button>
        </div>
      </div>
    </Dialog>
  );
}

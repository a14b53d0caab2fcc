import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import type { ProblemDocument, ProductRecord } from '@oddment/contracts';
import { bareUnit, genericEpoxy, genericSystem, productFigures, showValue, type CureKinetics, type PatchSystem, type SafeLiftTable } from '@oddment/core';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { useStore } from '../state/store.ts';
import type { SafeLiftAnswer, SafeLiftTask } from '../workers/safeLift.ts';
import { MeasureField } from './MeasureField.tsx';
import { NumberField } from './NumberField.tsx';
import { PackFields, packOf, type TypedPack } from './PackFields.tsx';
import { refusal } from './refusal.ts';

const kineticFields = [
  ['a1PerS', 'First rate, per second'],
  ['a2PerS', 'Second rate, per second'],
  ['activationKjMol', 'Activation energy, kJ/mol'],
  ['heatJG', 'Heat of cure, J/g'],
] as const;

/** The safe lifts of a product from its kinetics: a worker with progress, that can be stopped. */
function useSafeLifts() {
  const [progress, setProgress] = useState<number>();
  const worker = useRef<{ readonly own: Worker; readonly end: () => void }>(undefined);
  const stop = () => {
    worker.current?.own.terminate();
    worker.current?.end();
    worker.current = undefined;
    setProgress(undefined);
  };
  useEffect(
    () => () => {
      worker.current?.own.terminate();
    },
    [],
  );
  /** nothing where it was stopped */
  const compute = (task: SafeLiftTask) =>
    new Promise<SafeLiftTable | undefined>((done) => {
      const own = new Worker(new URL('../workers/safeLift.ts', import.meta.url), { type: 'module' });
      worker.current = {
        own,
        end: () => {
          done(undefined);
        },
      };
      setProgress(0);
      own.addEventListener('message', ({ data }: MessageEvent<SafeLiftAnswer>) => {
        if (data.of === 'progress') setProgress(data.done);
        else {
          done(data.table);
          stop();
        }
      });
      own.postMessage(task);
    });
  return { progress, stop, compute };
}

/** A product of the firm: a generic system with the figures of its data sheet beside the usual ones. */
export function ProductForm({ system, product, onDone }: { system: PatchSystem; product: ProductRecord | undefined; onDone: () => void }) {
  const units = useStore((s) => s.view.units ?? 'metric');
  const navigate = useNavigate();
  const [create, made] = api.useCreateProductMutation();
  const [change, changed] = api.useChangeProductMutation();
  const { progress, stop, compute } = useSafeLifts();
  const generic = genericSystem(product?.basedOn ?? system.id) ?? system;
  // what was open here: a change by somebody else meanwhile is refused, not undone
  const [opened] = useState(product);
  const [title, setTitle] = useState(product?.title ?? '');
  const [sheet, setSheet] = useState(product?.sheet ?? '');
  const [figures, setFigures] = useState<Readonly<Record<string, number>>>(product?.figures ?? {});
  const [first] = product?.packs ?? [];
  const [pack, setPack] = useState<TypedPack>({
    size: first?.size,
    unit: first?.unit ?? 'g',
    amount: first?.price?.amount,
    currency: first?.price?.currency ?? '',
    on: first?.price?.on ?? '',
    openDays: first?.openDays,
  });
  const [kinetic, setKinetic] = useState<Readonly<Partial<Record<keyof CureKinetics, number | undefined>>>>(product?.kinetics ?? {});
  const [hint, setHint] = useState<string>();
  const error = made.error ?? changed.error;
  const document = error && 'data' in error ? (error.data as ProblemDocument | undefined) : undefined;
  const problemAt = (path: string) => document?.problems?.find((p) => p.path === path)?.message;
  const resin = ['epoxy', 'polymer', 'tub'].includes(generic.family);
  const save = async () => {
    setHint(undefined);
    const filled = kineticFields.filter(([k]) => kinetic[k] !== undefined);
    if (filled.length > 0 && filled.length < kineticFields.length) {
      setHint('Kinetics need all four of their figures, or none.');
      return;
    }
    const unread = [...Object.values(kinetic), pack.size, pack.amount, pack.openDays].some((v) => Number.isNaN(v));
    if (unread) {
      setHint('A number cannot be read: it says so beside it.');
      return;
    }
    const kinetics = filled.length > 0 ? (Object.fromEntries(kineticFields.map(([k]) => [k, kinetic[k]])) as unknown as CureKinetics) : undefined;
    const same = kinetics && JSON.stringify(kinetics) === JSON.stringify(product?.kinetics);
    const safeLift = same ? product?.safeLift : kinetics && (await compute({ kinetics, filled: generic.chemistry.includes('sand') }));
    if (kinetics && !safeLift) return;
    const body = {
      id: product?.id ?? uuid(),
      change: uuid(),
      title: title.trim(),
      basedOn: generic.id,
      sheet: sheet.trim(),
      figures: { ...figures },
      packs: packOf(pack),
      ...(kinetics && { kinetics }),
      ...(safeLift && { safeLift: { ...safeLift, rows: safeLift.rows.map((r) => ({ ...r })) } }),
    };
    const done = opened ? await change({ ...body, version: opened.version }) : await create(body);
    if (!done.data) return;
    // first away, then closed: a form that is gone leads nowhere
    await navigate(`/shelf/${done.data.id}`);
    onDone();
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
      noValidate
      aria-label="Product"
    >
      <div className="product-fields wide">
        <TextField
          size="small"
          label="Name of the product"
          value={title}
          onChange={(event) => {
            setTitle(event.target.value);
          }}
          error={problemAt('title') !== undefined}
          helperText={problemAt('title')}
        />
        <TextField
          size="small"
          label="Data sheet, with its date"
          value={sheet}
          onChange={(event) => {
            setSheet(event.target.value);
          }}
          error={problemAt('sheet') !== undefined}
          helperText={problemAt('sheet')}
        />
      </div>
      <p className="quiet">Enter what the sheet says; what is left empty stays as is usual.</p>
      <div className="product-fields">
        {productFigures(generic).map((f) => (
          <MeasureField
            key={f.path}
            fieldKey={`product ${product?.id ?? `new ${generic.id}`} ${f.path}`}
            label={`${f.label}${f.usual === undefined ? '' : `, usual ${showValue(f.usual, f.kind, units).text}`}`}
            kind={f.kind}
            units={units}
            value={figures[f.path]}
            text={undefined}
            problem={problemAt(`figures/${f.path}`)}
            onValue={(value) => {
              setFigures({ ...figures, [f.path]: value });
            }}
            onEmpty={() => {
              setFigures(Object.fromEntries(Object.entries(figures).filter(([path]) => path !== f.path)));
            }}
          />
        ))}
      </div>
      <h2 style={{ fontSize: 17, marginTop: 12 }}>A pack</h2>
      <PackFields pack={pack} onPack={setPack} />
      {resin ? (
        <details open={product?.kinetics !== undefined}>
          <summary>Kinetics of its cure, where a sheet or a test report gives them</summary>
          <p className="quiet">
            From them the thickest lift that stays cool is computed once, when it is saved. A usual epoxy:{' '}
            {kineticFields.map(([k]) => String(genericEpoxy[k])).join(', ')}.
          </p>
          <div className="product-fields">
            {kineticFields.map(([k, label]) => (
              <NumberField
                key={k}
                label={label}
                value={kinetic[k]}
                onNumber={(value) => {
                  setKinetic({ ...kinetic, [k]: value });
                }}
              />
            ))}
          </div>
        </details>
      ) : null}
      {hint === undefined ? null : (
        <p className="grade out" role="alert">
          {hint}
        </p>
      )}
      {error === undefined ? null : (
        <div role="alert">
          <p className="grade out">{refusal(error)}</p>
          <ul>
            {document?.problems?.map((p) => (
              <li key={p.path + p.message}>{p.message}</li>
            ))}
          </ul>
        </div>
      )}
      {progress === undefined ? (
        <p style={{ display: 'flex', gap: 10 }}>
          <Button type="submit" variant="contained">
            {product ? 'Keep as a new version' : 'Put it on the shelf'}
          </Button>
          <Button variant="outlined" onClick={onDone}>
            Cancel
          </Button>
        </p>
      ) : (
        <div style={{ display: 'flex', gap: 10, alignItems: 'center', maxWidth: 480, margin: '12px 0' }}>
          <LinearProgress variant="determinate" value={progress * 100} aria-label="Its safe lifts are being computed" style={{ flex: 1 }} />
          <Button variant="outlined" onClick={stop}>
            Stop
          </Button>
        </div>
      )}
      <p className="quiet">
        Bare numbers are in {bareUnit('depth', units)}, {bareUnit('temperature', units)}, {bareUnit('duration', units)}; any unit may be written.
      </p>
    </form>
  );
}

import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Adoption, Plane, SurveyPlane } from '../../contracts/survey';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import { Len } from '../../tape/Len';
import type { Next } from '../../tape/TapeEntry';
import { Closure } from './Closure';
import { tipPlaces } from '../../api/tips';
import { Tips } from '../../bench/Tips';
import { DeckNotes } from './DeckNotes';
import { ExtraToOrder } from './ExtraToOrder';
import { named, namesFor, partsOf, type Name } from './quantities';
import { PlaneShape } from './PlaneShape';
import { Readings } from './Readings';
import { Squareness } from './Squareness';
import { usePitch } from '../../tape/measures';

interface SurveyBenchProps {
    plane: Plane;
    survey: SurveyPlane | undefined;
    name: Name;
    onPick: (name: Name) => void;
    /** Another plane that still wants a tape. */
    beyond: Next | undefined;
}

/** The decision at hand: who agrees, how square it is, how much longer to order, what to tape next. */
export function SurveyBench({ plane, survey, name, onPick, beyond }: SurveyBenchProps) {
    const { t } = useTranslation();
    const { mayChange } = useJob();
    const [led, setLed] = useState<Name | null>(null);
    const after = survey?.tapeNext.find((one) => one !== name);
    const next = after
        ? {
              label: t('survey.next', { what: t('quantity', named(after, plane.shape)) }),
              go: () => {
                  setLed(after);
                  onPick(after);
              },
          }
        : beyond;
    const adoption = survey?.adoptions[name];
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{t('quantity', named(name, plane.shape))}</h1>
            <Adopted name={name} adoption={adoption} />
            <Readings
                key={name}
                plane={plane}
                name={name}
                adoption={adoption}
                misses={survey?.misses ?? []}
                culprit={survey?.culprit ?? null}
                next={next}
                led={led === name}
            />
            {survey && <Findings findings={survey.findings} />}
            {survey && <TapeNext plane={plane} survey={survey} onPick={onPick} />}
            {survey && <Closure plane={plane} survey={survey} onPick={onPick} />}
            <PlaneShape plane={plane} survey={survey} onPick={onPick} />
            {survey && <ExtraToOrder survey={survey} />}
            {survey && <Squareness survey={survey} plane={plane} />}
            <AllQuantities plane={plane} survey={survey} name={name} onPick={onPick} />
            <DeckNotes plane={plane} disabled={!mayChange} old={survey?.old ?? null} />
            <Tips places={tipPlaces('survey')} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.survey')}</p>
        </aside>
    );
}

/** Between which slopes the gauge's readings lie. */
function spreadOf(read: number[], print: (riseIn12: number) => string) {
    return { low: print(Math.min(...read)), high: print(Math.max(...read)) };
}

/** What is adopted of a quantity, and how far its readings lie apart. */
function Adopted({ name, adoption }: { name: Name; adoption: Adoption | undefined }) {
    const { t } = useTranslation();
    const { quantity } = partsOf(name);
    if (!adoption) return <p className="muted">{t('survey.none-yet')}</p>;
    const { comparisons, source } = adoption;
    return (
        <>
            <p className="muted">{t('survey.adopted-how', { count: comparisons.length, quantity, source })}</p>
            <p className="big" data-testid="adopted" style={{ margin: '4px 0 2px' }}>
                <Value name={name} value={adoption.value} />
            </p>
            {comparisons.length > 1 && <Spread isPitch={quantity === 'pitch'} adoption={adoption} />}
        </>
    );
}

function Spread({ isPitch, adoption }: { isPitch: boolean; adoption: Adoption }) {
    const { t } = useTranslation();
    const pitch = usePitch();
    const own = adoption.comparisons.filter((one) => one.source === adoption.source).map((one) => one.value);
    return (
        <p className="muted">
            {isPitch ? (
                t('survey.spread-pitch', spreadOf(own, pitch))
            ) : (
                <>
                    {t('survey.spread')} <Len inches={adoption.spread} />
                </>
            )}
        </p>
    );
}

function Value({ name, value }: { name: Name; value: number }) {
    const pitch = usePitch();
    return name === 'pitch' ? pitch(value) : <Len inches={value} />;
}

interface OfPlane {
    plane: Plane;
    survey: SurveyPlane;
    onPick: (name: Name) => void;
}

function TapeNext({ plane, survey, onPick }: OfPlane) {
    const { t } = useTranslation();
    if (survey.tapeNext.length === 0) return null;
    return (
        <section>
            <h2>{t('survey.tape-next')}</h2>
            <div className="rowed">
                {survey.tapeNext.map((one) => (
                    <button key={one} type="button" className="chip" onClick={() => onPick(one)}>
                        {t('quantity', named(one, plane.shape))}
                    </button>
                ))}
            </div>
        </section>
    );
}

/** Every quantity of the plane, and what is adopted of it. */
function AllQuantities({
    plane,
    survey,
    name,
    onPick,
}: Omit<OfPlane, 'survey'> & { survey: SurveyPlane | undefined; name: Name }) {
    const { t } = useTranslation();
    const corners = survey?.corners ?? plane.edges?.length ?? 4;
    return (
        <section>
            <h2>{t('survey.all')}</h2>
            <table className="plain">
                <tbody>
                    {namesFor(plane, corners).map((one) => {
                        const known = survey?.adoptions[one];
                        return (
                            <tr key={one}>
                                <th scope="row">
                                    <button
                                        type="button"
                                        className="linkish"
                                        onClick={() => onPick(one)}
                                        aria-current={one === name}
                                    >
                                        {t('quantity', named(one, plane.shape))}
                                    </button>
                                </th>
                                <td className="n">
                                    {known ? (
                                        <Value name={one} value={known.value} />
                                    ) : (
                                        <span className="muted">—</span>
                                    )}
                                </td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </section>
    );
}

import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import type { LaidFace } from '../../contracts/layout';
import { TapeStrip, type TapeMark } from '../../tape/TapeStrip';

/** Running seam marks from the control line, along the eave or the ridge. */
export function LayoutTape({ laid }: { laid: LaidFace }) {
    const { t } = useTranslation();
    const [head, setHead] = useState(false);
    useHotkeys('r', () => setHead(!head), [head]);
    const running = head ? laid.headMarks : laid.eaveMarks;
    const marks: TapeMark[] = running.map((mark) => ({
        at: mark.distance,
        tone: mark.kind === 'rake' ? 'ink' : 'chalk',
        strong: mark.kind === 'control' || mark.check,
        label: mark.kind === 'rake' ? t('tape.rake') : undefined,
    }));
    const from = Math.min(...running.map((mark) => mark.distance));
    const to = Math.max(...running.map((mark) => mark.distance));
    return (
        <TapeStrip
            title={t(head ? 'layout.ridge-marks' : 'layout.eave-marks')}
            hint={
                <>
                    {t('layout.running')} · <kbd>r</kbd>{' '}
                    <button type="button" className="linkish small" onClick={() => setHead(!head)}>
                        {t(head ? 'layout.show-eave' : 'layout.show-ridge')}
                    </button>
                </>
            }
            from={from - 4}
            to={to + 4}
            marks={marks}
            focus={0}
            unsigned
            room={72}
        />
    );
}

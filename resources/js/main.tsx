import '@fontsource-variable/sofia-sans-semi-condensed/wght.css';
import './theme/base.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { ErrorBoundary } from 'react-error-boundary';
import { ApiError } from './api/client';
import { ASK_AGAIN_MS, StillWorking } from './api/StillWorking';
import { SignedIn } from './pages/SignedIn';
import { later } from './parts/later';
import { NotCome } from './parts/NotCome';
import { Navigate, Route, Switch } from './parts/router';
import { HeadingFocus } from './shell/HeadingFocus';
import { LightProvider } from './theme/LightContext';
import { withRules, withWords, words } from './words/i18n';

const Workspace = later(
    'job',
    withWords(() => import('./shell/Workspace')),
);
const Jobs = later(
    'jobs',
    withWords(() => import('./pages/Jobs')),
);
const Crew = later('crew', withRules(withWords(() => import('./pages/Crew'))));
const Account = later(
    'account',
    withWords(() => import('./pages/Account')),
);
const SignIn = later('sign-in', () => import('./pages/SignIn'));
const Join = later('join', () => import('./pages/Join'));
const Forgotten = later('forgotten', () => import('./pages/Forgotten'));
const Reset = later('reset', () => import('./pages/Reset'));

const client = new QueryClient({
    defaultOptions: {
        queries: {
            // What is being made is asked for again until it is there.
            retry: (count, error) => error instanceof StillWorking || (!(error instanceof ApiError) && count < 3),
            retryDelay: (count, error) =>
                error instanceof StillWorking ? ASK_AGAIN_MS : Math.min(1000 * 2 ** count, 8000),
            refetchOnWindowFocus: false,
        },
    },
});

// A page that comes back as it was left is looked at anew: whoever had it open may have gone.
window.addEventListener('pageshow', (event) => {
    if (event.persisted) window.location.reload();
});

void words.then(() => {
    createRoot(document.getElementById('app') as HTMLElement).render(
        <StrictMode>
            <QueryClientProvider client={client}>
                <LightProvider>
                    <HeadingFocus />
                    <ErrorBoundary
                        fallbackRender={({ resetErrorBoundary }) => (
                            <NotCome part="page" broken onAgain={resetErrorBoundary} />
                        )}
                    >
                        <Switch>
                            <Route path="/sign-in" component={SignIn} />
                            <Route path="/join/:token" component={Join} />
                            <Route path="/forgotten" component={Forgotten} />
                            <Route path="/reset/:token" component={Reset} />
                            <Route>
                                <SignedIn>
                                    <Switch>
                                        <Route path="/jobs" component={Jobs} />
                                        <Route path="/jobs/:job/:station?" component={Workspace} />
                                        <Route path="/crew" component={Crew} />
                                        <Route path="/account" component={Account} />
                                        <Route>
                                            <Navigate to="/jobs" replace />
                                        </Route>
                                    </Switch>
                                </SignedIn>
                            </Route>
                        </Switch>
                    </ErrorBoundary>
                </LightProvider>
            </QueryClientProvider>
        </StrictMode>,
    );
});

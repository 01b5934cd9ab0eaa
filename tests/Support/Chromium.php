<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;

/** Headless browsers, each with a profile of its own. One that is handed back is wiped and lent again. */
final class Chromium
{
    /** Microseconds. */
    private const ANSWERS_COME_WITHIN = 150_000;

    /** @var list<RemoteWebDriver> */
    private static array $idle = [];

    private static bool $closing = false;

    /** A browser that remembers nothing; only what it has fetched before it need not fetch again. */
    public static function lend(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $driver = array_pop(self::$idle) ?? self::start();
        self::resize($driver, $width, $height);

        return $driver;
    }

    /** Forgets everything that was done in it: windows, cookies, what pages kept, a connection that was cut. */
    public static function handBack(RemoteWebDriver $driver, string $origin): void
    {
        try {
            [$first, $others] = [$driver->getWindowHandles()[0], array_slice($driver->getWindowHandles(), 1)];
            foreach ($others as $window) {
                $driver->switchTo()->window($window);
                $driver->close();
            }
            // The window stays, and with it what it has compiled; what is under way is given up; its answer must set nothing any more.
            $driver->switchTo()->window($first);
            $driver->executeScript('try { sessionStorage.clear(); } catch { /* nothing is open */ }');
            $driver->get('about:blank');
            self::tell($driver, 'Network.enable');
            self::tell($driver, 'Network.emulateNetworkConditions', ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
            usleep(self::ANSWERS_COME_WITHIN);
            self::tell($driver, 'Network.clearBrowserCookies');
            self::tell($driver, 'Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'cookies,local_storage,session_storage,indexeddb']);
            self::$idle[] = $driver;
        } catch (WebDriverException) {
            self::quit($driver);
        }
    }

    /** Sets the size of what is shown, not of the window round it. */
    public static function resize(RemoteWebDriver $driver, int $width, int $height): void
    {
        self::tell($driver, 'Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 600]);
        $driver->manage()->window()->setSize(new WebDriverDimension(max($width, 500), $height));
    }

    private static function start(): RemoteWebDriver
    {
        if (! self::$closing) {
            self::$closing = true;
            register_shutdown_function(static fn () => array_map(self::quit(...), self::$idle));
        }
        $profile = sys_get_temp_dir().'/imbrex-browser-'.bin2hex(random_bytes(6));
        $options = new ChromeOptions;
        $options->setBinary(__DIR__.'/headless');
        $options->addArguments([
            '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--disable-dev-shm-usage', '--force-device-scale-factor=1', '--force-prefers-reduced-motion', '--disable-features=BackForwardCache',
            '--window-size=1280,800', "--user-data-dir=$profile",
        ]);
        // What is saved lands beside the profile, not where the tests were begun.
        $options->setExperimentalOption('prefs', ['download.default_directory' => $profile]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);

        return RemoteWebDriver::create((string) getenv('DRIVER_URL'), $capabilities, 30_000, 60_000);
    }

    /** @param  array<string, mixed>  $parameters */
    private static function tell(RemoteWebDriver $driver, string $command, array $parameters = []): void
    {
        $driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => (object) $parameters]);
    }

    private static function quit(RemoteWebDriver $driver): void
    {
        try {
            $driver->quit();
        } catch (WebDriverException) {
            // It is gone already.
        }
    }
}

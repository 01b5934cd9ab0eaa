<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;

/**
 * Headless browsers, each with a profile of its own. One that is handed back is lent again, with a name of its own for
 * the server: what a page kept under another name, or what an answer still under way will set, is none of its business.
 */
final class Chromium
{
    /** @var list<RemoteWebDriver> */
    private static array $idle = [];

    private static bool $closing = false;

    /** The server under a name nobody has gone by yet. */
    public static function addressOf(string $server): string
    {
        static $lent = 0;

        return str_replace('127.0.0.1', 'person-'.getmypid().'-'.++$lent.'.localhost', $server);
    }

    /** A browser that remembers nothing of the address it is going to. */
    public static function lend(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $driver = array_pop(self::$idle) ?? self::start();
        self::resize($driver, $width, $height);

        return $driver;
    }

    /** Closes its windows, and mends a connection that was cut. */
    public static function handBack(RemoteWebDriver $driver): void
    {
        try {
            $kept = $driver->getWindowHandles();
            $driver->switchTo()->newWindow('tab');
            $fresh = $driver->getWindowHandle();
            foreach ($kept as $window) {
                $driver->switchTo()->window($window);
                $driver->close();
            }
            $driver->switchTo()->window($fresh);
            self::tell($driver, 'Network.enable');
            self::tell($driver, 'Network.emulateNetworkConditions', ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
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
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--disable-dev-shm-usage', '--force-device-scale-factor=1',
            '--window-size=1280,800', "--user-data-dir=$profile",
        ]);
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

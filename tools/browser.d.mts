export declare const BROWSER: string;
export declare const BROWSER_PACKAGE: string;

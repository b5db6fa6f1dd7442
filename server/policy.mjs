// @ts-check
import { createHash } from 'node:crypto';

/**
 * Hashes of the inline scripts of a page, as a Content-Security-Policy names them.
 * @param {string} html
 * @returns {string[]}
 */
export function inlineScriptHashes(html) {
  const scripts = html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/gu);
  return [...scripts].map(
    ([, body]) =>
      `'sha256-${createHash('sha256')
        .update(body ?? '')
        .digest('base64')}'`,
  );
}

/**
 * The headers every answer carries. Scripts come from this server or are known by their hash.
 * @param {Iterable<string>} scriptHashes
 * @returns {Readonly<Record<string, string>>}
 */
export function securityHeaders(scriptHashes) {
  const policy = [
    "default-src 'self'",
    `script-src ${["'self'", ...new Set(scriptHashes)].join(' ')}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "frame-ancestors 'none'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
  ];
  return {
    'Content-Security-Policy': policy.join('; '),
    'Cross-Origin-Opener-Policy': 'same-origin',
    'Permissions-Policy': 'camera=(), geolocation=(), microphone=()',
    'Referrer-Policy': 'no-referrer',
    'X-Content-Type-Options': 'nosniff',
    'X-Frame-Options': 'DENY',
  };
}

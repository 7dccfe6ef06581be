// @ts-nocheck
// Made by scripts/compile-schema.mjs from project.schema.json; do not edit.
import type { SchemaFault } from './schema-fault.js';
const module = { exports: {} };
(function (module) {
  'use strict';
  var Ve = (s, r) => () => {
    try {
      return (r || s((r = { exports: {} }).exports, r), r.exports);
    } catch (me) {
      throw ((r = 0), me);
    }
  };
  var qe = Ve(($e) => {
    'use strict';
    Object.defineProperty($e, '__esModule', { value: !0 });
    function je(s) {
      let r = s.length,
        me = 0,
        oe = 0,
        H;
      for (; oe < r;)
        (me++,
          (H = s.charCodeAt(oe++)),
          H >= 55296 && H <= 56319 && oe < r && ((H = s.charCodeAt(oe)), (H & 64512) === 56320 && oe++));
      return me;
    }
    $e.default = je;
    je.code = 'require("ajv/dist/runtime/ucs2length").default';
  });
  module.exports = J;
  module.exports.default = J;
  var Oe = {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: 'urn:kadrosyn:project:2',
    title: 'Kadrosyn project',
    description:
      'One project. Lengths are px of the sheet at its dpi, angles degrees clockwise, colours #rrggbb or #rrggbbaa in sRGB.',
    type: 'object',
    additionalProperties: !1,
    required: ['format', 'version', 'name', 'unit', 'swatches', 'photos', 'sheets'],
    properties: {
      format: { const: 'kadrosyn' },
      version: { const: 3 },
      name: { $ref: '#/$defs/name' },
      unit: { enum: ['px', 'mm', 'in'] },
      swatches: { type: 'array', items: { $ref: '#/$defs/colour' }, maxItems: 200 },
      photos: { type: 'object', propertyNames: { $ref: '#/$defs/id' }, additionalProperties: { $ref: '#/$defs/photo' } },
      sheets: { type: 'array', items: { $ref: '#/$defs/sheet' }, maxItems: 200, minItems: 1 },
      set: {
        type: 'object',
        additionalProperties: !1,
        required: ['columns', 'rows'],
        properties: {
          columns: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: !1,
              required: ['itemId', 'property'],
              properties: { itemId: { $ref: '#/$defs/id' }, property: { enum: ['photo', 'text', 'colour'] } },
            },
            maxItems: 50,
          },
          rows: {
            type: 'array',
            items: { type: 'array', items: { type: 'string', maxLength: 2e3 }, maxItems: 50 },
            maxItems: 5e3,
          },
        },
      },
    },
    $defs: {
      id: { type: 'string', pattern: '^[A-Za-z0-9_-]{1,64}$' },
      name: { type: 'string', maxLength: 200 },
      colour: { type: 'string', pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
      sha256: { type: 'string', pattern: '^[0-9a-f]{64}$' },
      point: {
        type: 'object',
        additionalProperties: !1,
        required: ['x', 'y'],
        properties: { x: { type: 'number', minimum: -1e6, maximum: 1e6 }, y: { type: 'number', minimum: -1e6, maximum: 1e6 } },
      },
      axis: { enum: ['horizontal', 'vertical'] },
      placement: {
        type: 'object',
        additionalProperties: !1,
        required: ['x', 'y', 'scale', 'turn', 'flipX', 'flipY'],
        properties: {
          x: { type: 'number', minimum: -1e6, maximum: 1e6 },
          y: { type: 'number', minimum: -1e6, maximum: 1e6 },
          scale: { type: 'number', exclusiveMinimum: 0, maximum: 1e4 },
          turn: { type: 'number' },
          flipX: { type: 'boolean' },
          flipY: { type: 'boolean' },
        },
      },
      tone: {
        type: 'object',
        additionalProperties: !1,
        required: [],
        properties: {
          curve: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: !1,
              required: ['x', 'y'],
              properties: { x: { type: 'number', minimum: 0, maximum: 1 }, y: { type: 'number', minimum: 0, maximum: 1 } },
            },
            maxItems: 64,
          },
          brightness: { type: 'number', minimum: -1, maximum: 1 },
          contrast: { type: 'number', minimum: -1, maximum: 1 },
          saturation: { type: 'number', minimum: -1, maximum: 1 },
          warmth: { type: 'number', minimum: -1, maximum: 1 },
          tint: { type: 'number', minimum: -1, maximum: 1 },
        },
      },
      effect: {
        type: 'object',
        additionalProperties: !1,
        required: ['kind', 'strength'],
        properties: {
          kind: { enum: ['flattened', 'halftone'] },
          strength: { type: 'number', minimum: 0, maximum: 1 },
          ink: { $ref: '#/$defs/colour' },
        },
      },
      fill: {
        type: 'object',
        discriminator: { propertyName: 'type' },
        required: ['type'],
        oneOf: [
          { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'none' } } },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'colour'],
            properties: { type: { const: 'colour' }, colour: { $ref: '#/$defs/colour' } },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'kind', 'stops'],
            properties: {
              type: { const: 'gradient' },
              kind: { enum: ['linear', 'radial'] },
              angle: { type: 'number' },
              stops: {
                type: 'array',
                items: {
                  type: 'object',
                  additionalProperties: !1,
                  required: ['at', 'colour'],
                  properties: { at: { type: 'number', minimum: 0, maximum: 1 }, colour: { $ref: '#/$defs/colour' } },
                },
                maxItems: 32,
                minItems: 1,
              },
            },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'colours', 'layers'],
            properties: {
              type: { const: 'drawing' },
              colours: { type: 'array', items: { $ref: '#/$defs/colour' }, minItems: 1, maxItems: 8 },
              layers: {
                type: 'array',
                minItems: 1,
                maxItems: 200,
                items: {
                  type: 'object',
                  additionalProperties: !1,
                  required: ['d', 'colour'],
                  properties: {
                    d: { type: 'string', maxLength: 1e5 },
                    colour: { type: 'integer', minimum: 0, maximum: 7 },
                    shade: { type: 'number', minimum: -1, maximum: 1 },
                    strength: { type: 'number', minimum: 0, maximum: 1 },
                    fade: {
                      type: 'object',
                      additionalProperties: !1,
                      required: ['kind', 'stops'],
                      properties: {
                        kind: { enum: ['linear', 'radial'] },
                        angle: { type: 'number' },
                        stops: {
                          type: 'array',
                          minItems: 2,
                          maxItems: 16,
                          items: {
                            type: 'object',
                            additionalProperties: !1,
                            required: ['at', 'strength'],
                            properties: {
                              at: { type: 'number', minimum: 0, maximum: 1 },
                              strength: { type: 'number', minimum: 0, maximum: 1 },
                            },
                          },
                        },
                      },
                    },
                  },
                },
              },
            },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'photoId', 'placement'],
            properties: {
              type: { const: 'photo' },
              photoId: { $ref: '#/$defs/id' },
              placement: { oneOf: [{ $ref: '#/$defs/placement' }, { $ref: '#/$defs/id' }] },
              fit: { enum: ['fill', 'whole', 'subject', 'own'] },
              keepCovered: { type: 'boolean' },
              cutout: {
                type: 'object',
                additionalProperties: !1,
                required: ['id', 'revision'],
                properties: { id: { $ref: '#/$defs/id' }, revision: { type: 'integer', minimum: 0 } },
              },
              show: { enum: ['photo', 'subject'] },
              tone: { $ref: '#/$defs/tone' },
              blur: { type: 'number', minimum: 0, maximum: 1e5 },
              effect: { $ref: '#/$defs/effect' },
              extend: { $ref: '#/$defs/colour' },
            },
          },
        ],
      },
      run: {
        type: 'object',
        additionalProperties: !1,
        required: ['text', 'face', 'axes', 'size', 'tracking', 'letterIds'],
        properties: {
          text: { type: 'string', maxLength: 2e3 },
          face: { $ref: '#/$defs/id' },
          axes: {
            type: 'object',
            maxProperties: 16,
            propertyNames: { pattern: '^[A-Za-z0-9]{4}$' },
            additionalProperties: { type: 'number' },
          },
          size: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
          tracking: { type: 'number', minimum: -1e3, maximum: 1e4 },
          fill: { $ref: '#/$defs/colour' },
          letterIds: { type: 'array', items: { $ref: '#/$defs/id' }, maxItems: 2e3 },
          letterCase: { enum: ['upper', 'lower'] },
          faceName: { $ref: '#/$defs/name' },
          standIn: { $ref: '#/$defs/id' },
        },
      },
      outline: {
        type: 'object',
        discriminator: { propertyName: 'type' },
        required: ['type'],
        oneOf: [
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'radii'],
            properties: {
              type: { const: 'rectangle' },
              radii: { type: 'array', items: { type: 'number', minimum: 0, maximum: 1e5 }, maxItems: 4, minItems: 4 },
            },
          },
          { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'ellipse' } } },
          { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'arch' } } },
          { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'heart' } } },
          { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'leaf' } } },
          { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'droplet' } } },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'notch'],
            properties: { type: { const: 'ticket' }, notch: { type: 'number', minimum: 0, maximum: 1 } },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'hole'],
            properties: { type: { const: 'ring' }, hole: { type: 'number', minimum: 0, maximum: 1 } },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'tail', 'reach'],
            properties: {
              type: { const: 'speech' },
              tail: { type: 'number', minimum: 0, maximum: 1 },
              reach: { type: 'number', minimum: 0, maximum: 1 },
            },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'seed', 'depth'],
            properties: {
              type: { const: 'torn' },
              seed: { type: 'integer', minimum: 0, maximum: 2147483647 },
              depth: { type: 'number', minimum: 0, maximum: 0.5 },
            },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'points'],
            properties: { type: { const: 'polygon' }, points: { type: 'integer', minimum: 3, maximum: 100 } },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'points', 'depth'],
            properties: {
              type: { const: 'star' },
              points: { type: 'integer', minimum: 3, maximum: 100 },
              depth: { type: 'number', minimum: 0, maximum: 1 },
            },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'slant'],
            properties: { type: { const: 'trapezoid' }, slant: { type: 'number', minimum: -1, maximum: 1 } },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'd'],
            properties: { type: { const: 'path' }, d: { type: 'string', maxLength: 2e5 } },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'points', 'warp'],
            properties: {
              type: { const: 'corners' },
              points: { type: 'array', items: { $ref: '#/$defs/point' }, maxItems: 4, minItems: 4 },
              warp: { type: 'boolean' },
            },
          },
          {
            type: 'object',
            additionalProperties: !1,
            required: ['type', 'runs', 'align', 'leading'],
            properties: {
              type: { const: 'lettering' },
              runs: { type: 'array', items: { $ref: '#/$defs/run' }, maxItems: 200, minItems: 1 },
              align: { enum: ['left', 'centre', 'right'] },
              leading: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
              along: {
                type: 'object',
                additionalProperties: !1,
                required: ['radius', 'start', 'inside'],
                properties: {
                  radius: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
                  start: { type: 'number' },
                  inside: { type: 'boolean' },
                  reverse: { type: 'boolean' },
                },
              },
              stretch: {
                type: 'object',
                additionalProperties: !1,
                required: ['x', 'y'],
                properties: {
                  x: { type: 'number', exclusiveMinimum: 0, maximum: 100 },
                  y: { type: 'number', exclusiveMinimum: 0, maximum: 100 },
                },
              },
              kept: { type: 'string', maxLength: 2e5 },
            },
          },
        ],
      },
      shadow: {
        type: 'object',
        additionalProperties: !1,
        required: ['distance', 'blur', 'strength'],
        properties: {
          angle: { type: 'number' },
          distance: { type: 'number', minimum: 0, maximum: 1e5 },
          blur: { type: 'number', minimum: 0, maximum: 1e5 },
          spread: { type: 'number', minimum: -1e6, maximum: 1e6 },
          strength: { type: 'number', minimum: 0, maximum: 1 },
          colour: { $ref: '#/$defs/colour' },
        },
      },
      blend: {
        enum: [
          'normal',
          'multiply',
          'screen',
          'overlay',
          'darken',
          'lighten',
          'color-dodge',
          'color-burn',
          'hard-light',
          'soft-light',
          'difference',
          'exclusion',
        ],
      },
      finish: {
        type: 'object',
        additionalProperties: !1,
        required: [],
        properties: {
          outline: {
            type: 'object',
            additionalProperties: !1,
            required: ['align', 'width', 'paint'],
            properties: {
              align: { enum: ['inside', 'centre', 'outside'] },
              width: { type: 'number', minimum: 0, maximum: 1e5 },
              widths: {
                type: 'object',
                additionalProperties: !1,
                required: ['top', 'right', 'bottom', 'left'],
                properties: {
                  top: { type: 'number', minimum: 0, maximum: 1e5 },
                  right: { type: 'number', minimum: 0, maximum: 1e5 },
                  bottom: { type: 'number', minimum: 0, maximum: 1e5 },
                  left: { type: 'number', minimum: 0, maximum: 1e5 },
                },
              },
              join: { enum: ['miter', 'round', 'bevel'] },
              paint: { $ref: '#/$defs/colour' },
            },
          },
          rim: {
            type: 'object',
            additionalProperties: !1,
            required: ['top', 'right', 'bottom', 'left', 'colour'],
            properties: {
              top: { type: 'number', minimum: 0, maximum: 1e5 },
              right: { type: 'number', minimum: 0, maximum: 1e5 },
              bottom: { type: 'number', minimum: 0, maximum: 1e5 },
              left: { type: 'number', minimum: 0, maximum: 1e5 },
              colour: { $ref: '#/$defs/colour' },
            },
          },
          shadow: { $ref: '#/$defs/shadow' },
          innerShade: {
            type: 'object',
            additionalProperties: !1,
            required: ['colour', 'blur', 'strength'],
            properties: {
              colour: { $ref: '#/$defs/colour' },
              blur: { type: 'number', minimum: 0, maximum: 1e5 },
              strength: { type: 'number', minimum: 0, maximum: 1 },
            },
          },
          opacity: { type: 'number', minimum: 0, maximum: 1 },
          blend: { $ref: '#/$defs/blend' },
        },
      },
      box: {
        type: 'object',
        additionalProperties: !1,
        required: ['x', 'y', 'width', 'height', 'turn'],
        properties: {
          x: { type: 'number', minimum: -1e6, maximum: 1e6 },
          y: { type: 'number', minimum: -1e6, maximum: 1e6 },
          width: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
          height: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
          turn: { type: 'number' },
          shear: { type: 'number' },
        },
      },
      overhangs: {
        type: 'object',
        additionalProperties: !1,
        required: ['sides', 'pieces', 'cuts'],
        properties: {
          sides: {
            type: 'object',
            additionalProperties: !1,
            required: ['top', 'right', 'bottom', 'left'],
            properties: {
              top: { type: 'boolean' },
              right: { type: 'boolean' },
              bottom: { type: 'boolean' },
              left: { type: 'boolean' },
            },
          },
          pieces: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: !1,
              required: ['at', 'out'],
              properties: { at: { $ref: '#/$defs/point' }, out: { type: 'boolean' } },
            },
            maxItems: 1e4,
          },
          cuts: {
            type: 'array',
            items: { type: 'array', items: { $ref: '#/$defs/point' }, maxItems: 1e4, minItems: 2 },
            maxItems: 1e4,
          },
          shadow: { $ref: '#/$defs/shadow' },
        },
      },
      opening: {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'id', 'name', 'kind', 'outline', 'box', 'fill', 'finish'],
        properties: {
          type: { const: 'opening' },
          id: { $ref: '#/$defs/id' },
          name: { $ref: '#/$defs/name' },
          kind: { enum: ['shaped', 'loose', 'artwork'] },
          outline: { $ref: '#/$defs/outline' },
          box: { $ref: '#/$defs/box' },
          fill: { $ref: '#/$defs/fill' },
          finish: { $ref: '#/$defs/finish' },
          overhangs: { $ref: '#/$defs/overhangs' },
          slot: {
            type: 'object',
            additionalProperties: !1,
            required: ['hint', 'sample'],
            properties: { hint: { $ref: '#/$defs/name' }, sample: { type: 'boolean' } },
          },
          locked: { type: 'boolean' },
          hidden: { type: 'boolean' },
          word: {
            type: 'object',
            additionalProperties: !1,
            required: ['id', 'index', 'after'],
            properties: {
              id: { $ref: '#/$defs/id' },
              index: { type: 'integer', minimum: 0, maximum: 1e4 },
              after: { type: 'string', maxLength: 200 },
            },
          },
        },
      },
      group: {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'id', 'name', 'items'],
        properties: {
          type: { const: 'group' },
          id: { $ref: '#/$defs/id' },
          name: { $ref: '#/$defs/name' },
          items: { type: 'array', items: { $ref: '#/$defs/item' }, maxItems: 5e3 },
          opacity: { type: 'number', minimum: 0, maximum: 1 },
          blend: { $ref: '#/$defs/blend' },
          finish: { type: 'object', additionalProperties: !1, required: [], properties: { shadow: { $ref: '#/$defs/shadow' } } },
          locked: { type: 'boolean' },
          hidden: { type: 'boolean' },
        },
      },
      item: {
        type: 'object',
        discriminator: { propertyName: 'type' },
        required: ['type'],
        oneOf: [{ $ref: '#/$defs/opening' }, { $ref: '#/$defs/group' }],
      },
      part: {
        type: 'object',
        additionalProperties: !1,
        required: ['itemId', 'part'],
        properties: { itemId: { $ref: '#/$defs/id' }, part: { $ref: '#/$defs/id' } },
      },
      crossing: {
        type: 'object',
        additionalProperties: !1,
        required: ['lower', 'upper', 'over', 'regions', 'cuts'],
        properties: {
          lower: { $ref: '#/$defs/part' },
          upper: { $ref: '#/$defs/part' },
          over: { type: 'boolean' },
          regions: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: !1,
              required: ['at', 'over'],
              properties: { at: { $ref: '#/$defs/point' }, over: { type: 'boolean' } },
            },
            maxItems: 1e4,
          },
          cuts: {
            type: 'array',
            items: { type: 'array', items: { $ref: '#/$defs/point' }, maxItems: 1e4, minItems: 2 },
            maxItems: 1e4,
          },
          paint: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: !1,
              required: ['points', 'width', 'over'],
              properties: {
                points: { type: 'array', items: { $ref: '#/$defs/point' }, maxItems: 1e4 },
                width: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
                over: { type: 'boolean' },
              },
            },
            maxItems: 1e4,
          },
        },
      },
      photo: {
        type: 'object',
        additionalProperties: !1,
        required: ['id', 'sha256', 'name', 'width', 'height'],
        properties: {
          id: { $ref: '#/$defs/id' },
          sha256: { $ref: '#/$defs/sha256' },
          name: { $ref: '#/$defs/name' },
          width: { type: 'integer', minimum: 1, maximum: 1e5 },
          height: { type: 'integer', minimum: 1, maximum: 1e5 },
          focus: {
            type: 'object',
            additionalProperties: !1,
            required: ['x', 'y', 'width', 'height'],
            properties: {
              x: { type: 'number', minimum: -1e6, maximum: 1e6 },
              y: { type: 'number', minimum: -1e6, maximum: 1e6 },
              width: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
              height: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
            },
          },
          cutouts: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: !1,
              required: ['id', 'name', 'revisions'],
              properties: {
                id: { $ref: '#/$defs/id' },
                name: { $ref: '#/$defs/name' },
                revisions: {
                  type: 'array',
                  items: {
                    type: 'object',
                    additionalProperties: !1,
                    required: ['matteSha256', 'marks'],
                    properties: {
                      matteSha256: { $ref: '#/$defs/sha256' },
                      marks: {
                        type: 'array',
                        items: {
                          type: 'object',
                          additionalProperties: !1,
                          required: ['kind', 'points'],
                          properties: {
                            kind: { enum: ['box', 'keep', 'leave-out', 'trace', 'paint', 'erase', 'soft-edge'] },
                            points: { type: 'array', items: { type: 'number' }, maxItems: 2e5 },
                            width: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
                          },
                        },
                        maxItems: 1e4,
                      },
                    },
                  },
                  maxItems: 1e4,
                },
              },
            },
            maxItems: 100,
          },
        },
      },
      sheet: {
        type: 'object',
        additionalProperties: !1,
        required: [
          'id',
          'name',
          'width',
          'height',
          'dpi',
          'bleed',
          'margin',
          'background',
          'placements',
          'guides',
          'items',
          'crossings',
        ],
        properties: {
          id: { $ref: '#/$defs/id' },
          name: { $ref: '#/$defs/name' },
          width: { type: 'number', minimum: 1, maximum: 3e4 },
          height: { type: 'number', minimum: 1, maximum: 3e4 },
          dpi: { type: 'number', minimum: 1, maximum: 2400 },
          bleed: { type: 'number', minimum: 0, maximum: 1e5 },
          margin: { type: 'number', minimum: 0, maximum: 1e5 },
          folds: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: !1,
              required: ['axis', 'at'],
              properties: { axis: { $ref: '#/$defs/axis' }, at: { type: 'number', minimum: -1e6, maximum: 1e6 } },
            },
            maxItems: 20,
          },
          background: { $ref: '#/$defs/fill' },
          veil: {
            type: 'object',
            additionalProperties: !1,
            required: [],
            properties: {
              colour: { $ref: '#/$defs/colour' },
              strength: { type: 'number', minimum: 0, maximum: 1 },
              tone: { $ref: '#/$defs/tone' },
            },
          },
          light: {
            type: 'object',
            additionalProperties: !1,
            required: ['angle', 'height'],
            properties: { angle: { type: 'number' }, height: { type: 'number', minimum: 0, maximum: 90 } },
          },
          placements: {
            type: 'object',
            propertyNames: { $ref: '#/$defs/id' },
            additionalProperties: { $ref: '#/$defs/placement' },
          },
          guides: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: !1,
              required: ['axis', 'at'],
              properties: { axis: { $ref: '#/$defs/axis' }, at: { type: 'number', minimum: -1e6, maximum: 1e6 } },
            },
            maxItems: 200,
          },
          items: { type: 'array', items: { $ref: '#/$defs/item' }, maxItems: 5e3 },
          crossings: { type: 'array', items: { $ref: '#/$defs/crossing' }, maxItems: 1e4 },
        },
      },
    },
  };
  var fe = qe().default,
    ce = new RegExp('^#[0-9a-f]{6}([0-9a-f]{2})?$', 'u'),
    pe = new RegExp('^[A-Za-z0-9_-]{1,64}$', 'u'),
    Le = {
      type: 'object',
      additionalProperties: !1,
      required: ['id', 'sha256', 'name', 'width', 'height'],
      properties: {
        id: { $ref: '#/$defs/id' },
        sha256: { $ref: '#/$defs/sha256' },
        name: { $ref: '#/$defs/name' },
        width: { type: 'integer', minimum: 1, maximum: 1e5 },
        height: { type: 'integer', minimum: 1, maximum: 1e5 },
        focus: {
          type: 'object',
          additionalProperties: !1,
          required: ['x', 'y', 'width', 'height'],
          properties: {
            x: { type: 'number', minimum: -1e6, maximum: 1e6 },
            y: { type: 'number', minimum: -1e6, maximum: 1e6 },
            width: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
            height: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
          },
        },
        cutouts: {
          type: 'array',
          items: {
            type: 'object',
            additionalProperties: !1,
            required: ['id', 'name', 'revisions'],
            properties: {
              id: { $ref: '#/$defs/id' },
              name: { $ref: '#/$defs/name' },
              revisions: {
                type: 'array',
                items: {
                  type: 'object',
                  additionalProperties: !1,
                  required: ['matteSha256', 'marks'],
                  properties: {
                    matteSha256: { $ref: '#/$defs/sha256' },
                    marks: {
                      type: 'array',
                      items: {
                        type: 'object',
                        additionalProperties: !1,
                        required: ['kind', 'points'],
                        properties: {
                          kind: { enum: ['box', 'keep', 'leave-out', 'trace', 'paint', 'erase', 'soft-edge'] },
                          points: { type: 'array', items: { type: 'number' }, maxItems: 2e5 },
                          width: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
                        },
                      },
                      maxItems: 1e4,
                    },
                  },
                },
                maxItems: 1e4,
              },
            },
          },
          maxItems: 100,
        },
      },
    };
  var Ae = new RegExp('^[0-9a-f]{64}$', 'u');
  function V(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = V.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let z;
        if (
          (s.id === void 0 && (z = 'id')) ||
          (s.sha256 === void 0 && (z = 'sha256')) ||
          (s.name === void 0 && (z = 'name')) ||
          (s.width === void 0 && (z = 'width')) ||
          (s.height === void 0 && (z = 'height'))
        )
          return (
            (V.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: z },
                message: "must have required property '" + z + "'",
              },
            ]),
            !1
          );
        {
          let b = e;
          for (let n in s)
            if (!(
              n === 'id' ||
              n === 'sha256' ||
              n === 'name' ||
              n === 'width' ||
              n === 'height' ||
              n === 'focus' ||
              n === 'cutouts'
            )) {
              return (
                (V.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: n },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (b === e) {
            if (s.id !== void 0) {
              let n = s.id,
                u = e;
              if (e === e)
                if (typeof n == 'string') {
                  if (!pe.test(n))
                    return (
                      (V.errors = [
                        {
                          instancePath: r + '/id',
                          schemaPath: '#/$defs/id/pattern',
                          keyword: 'pattern',
                          params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                          message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                        },
                      ]),
                      !1
                    );
                } else
                  return (
                    (V.errors = [
                      {
                        instancePath: r + '/id',
                        schemaPath: '#/$defs/id/type',
                        keyword: 'type',
                        params: { type: 'string' },
                        message: 'must be string',
                      },
                    ]),
                    !1
                  );
              var i = u === e;
            } else var i = !0;
            if (i) {
              if (s.sha256 !== void 0) {
                let n = s.sha256,
                  u = e;
                if (e === e)
                  if (typeof n == 'string') {
                    if (!Ae.test(n))
                      return (
                        (V.errors = [
                          {
                            instancePath: r + '/sha256',
                            schemaPath: '#/$defs/sha256/pattern',
                            keyword: 'pattern',
                            params: { pattern: '^[0-9a-f]{64}$' },
                            message: 'must match pattern "^[0-9a-f]{64}$"',
                          },
                        ]),
                        !1
                      );
                  } else
                    return (
                      (V.errors = [
                        {
                          instancePath: r + '/sha256',
                          schemaPath: '#/$defs/sha256/type',
                          keyword: 'type',
                          params: { type: 'string' },
                          message: 'must be string',
                        },
                      ]),
                      !1
                    );
                var i = u === e;
              } else var i = !0;
              if (i) {
                if (s.name !== void 0) {
                  let n = s.name,
                    u = e;
                  if (e === e)
                    if (typeof n == 'string') {
                      if (fe(n) > 200)
                        return (
                          (V.errors = [
                            {
                              instancePath: r + '/name',
                              schemaPath: '#/$defs/name/maxLength',
                              keyword: 'maxLength',
                              params: { limit: 200 },
                              message: 'must NOT have more than 200 characters',
                            },
                          ]),
                          !1
                        );
                    } else
                      return (
                        (V.errors = [
                          {
                            instancePath: r + '/name',
                            schemaPath: '#/$defs/name/type',
                            keyword: 'type',
                            params: { type: 'string' },
                            message: 'must be string',
                          },
                        ]),
                        !1
                      );
                  var i = u === e;
                } else var i = !0;
                if (i) {
                  if (s.width !== void 0) {
                    let n = s.width,
                      u = e;
                    if (!(typeof n == 'number' && !(n % 1) && !isNaN(n) && isFinite(n)))
                      return (
                        (V.errors = [
                          {
                            instancePath: r + '/width',
                            schemaPath: '#/properties/width/type',
                            keyword: 'type',
                            params: { type: 'integer' },
                            message: 'must be integer',
                          },
                        ]),
                        !1
                      );
                    if (e === u && typeof n == 'number' && isFinite(n)) {
                      if (n > 1e5 || isNaN(n))
                        return (
                          (V.errors = [
                            {
                              instancePath: r + '/width',
                              schemaPath: '#/properties/width/maximum',
                              keyword: 'maximum',
                              params: { comparison: '<=', limit: 1e5 },
                              message: 'must be <= 100000',
                            },
                          ]),
                          !1
                        );
                      if (n < 1 || isNaN(n))
                        return (
                          (V.errors = [
                            {
                              instancePath: r + '/width',
                              schemaPath: '#/properties/width/minimum',
                              keyword: 'minimum',
                              params: { comparison: '>=', limit: 1 },
                              message: 'must be >= 1',
                            },
                          ]),
                          !1
                        );
                    }
                    var i = u === e;
                  } else var i = !0;
                  if (i) {
                    if (s.height !== void 0) {
                      let n = s.height,
                        u = e;
                      if (!(typeof n == 'number' && !(n % 1) && !isNaN(n) && isFinite(n)))
                        return (
                          (V.errors = [
                            {
                              instancePath: r + '/height',
                              schemaPath: '#/properties/height/type',
                              keyword: 'type',
                              params: { type: 'integer' },
                              message: 'must be integer',
                            },
                          ]),
                          !1
                        );
                      if (e === u && typeof n == 'number' && isFinite(n)) {
                        if (n > 1e5 || isNaN(n))
                          return (
                            (V.errors = [
                              {
                                instancePath: r + '/height',
                                schemaPath: '#/properties/height/maximum',
                                keyword: 'maximum',
                                params: { comparison: '<=', limit: 1e5 },
                                message: 'must be <= 100000',
                              },
                            ]),
                            !1
                          );
                        if (n < 1 || isNaN(n))
                          return (
                            (V.errors = [
                              {
                                instancePath: r + '/height',
                                schemaPath: '#/properties/height/minimum',
                                keyword: 'minimum',
                                params: { comparison: '>=', limit: 1 },
                                message: 'must be >= 1',
                              },
                            ]),
                            !1
                          );
                      }
                      var i = u === e;
                    } else var i = !0;
                    if (i) {
                      if (s.focus !== void 0) {
                        let n = s.focus,
                          u = e;
                        if (e === u)
                          if (n && typeof n == 'object' && !Array.isArray(n)) {
                            let A;
                            if (
                              (n.x === void 0 && (A = 'x')) ||
                              (n.y === void 0 && (A = 'y')) ||
                              (n.width === void 0 && (A = 'width')) ||
                              (n.height === void 0 && (A = 'height'))
                            )
                              return (
                                (V.errors = [
                                  {
                                    instancePath: r + '/focus',
                                    schemaPath: '#/properties/focus/required',
                                    keyword: 'required',
                                    params: { missingProperty: A },
                                    message: "must have required property '" + A + "'",
                                  },
                                ]),
                                !1
                              );
                            {
                              let w = e;
                              for (let j in n)
                                if (!(j === 'x' || j === 'y' || j === 'width' || j === 'height')) {
                                  return (
                                    (V.errors = [
                                      {
                                        instancePath: r + '/focus',
                                        schemaPath: '#/properties/focus/additionalProperties',
                                        keyword: 'additionalProperties',
                                        params: { additionalProperty: j },
                                        message: 'must NOT have additional properties',
                                      },
                                    ]),
                                    !1
                                  );
                                  break;
                                }
                              if (w === e) {
                                if (n.x !== void 0) {
                                  let j = n.x,
                                    p = e;
                                  if (e === p)
                                    if (typeof j == 'number' && isFinite(j)) {
                                      if (j > 1e6 || isNaN(j))
                                        return (
                                          (V.errors = [
                                            {
                                              instancePath: r + '/focus/x',
                                              schemaPath: '#/properties/focus/properties/x/maximum',
                                              keyword: 'maximum',
                                              params: { comparison: '<=', limit: 1e6 },
                                              message: 'must be <= 1000000',
                                            },
                                          ]),
                                          !1
                                        );
                                      if (j < -1e6 || isNaN(j))
                                        return (
                                          (V.errors = [
                                            {
                                              instancePath: r + '/focus/x',
                                              schemaPath: '#/properties/focus/properties/x/minimum',
                                              keyword: 'minimum',
                                              params: { comparison: '>=', limit: -1e6 },
                                              message: 'must be >= -1000000',
                                            },
                                          ]),
                                          !1
                                        );
                                    } else
                                      return (
                                        (V.errors = [
                                          {
                                            instancePath: r + '/focus/x',
                                            schemaPath: '#/properties/focus/properties/x/type',
                                            keyword: 'type',
                                            params: { type: 'number' },
                                            message: 'must be number',
                                          },
                                        ]),
                                        !1
                                      );
                                  var T = p === e;
                                } else var T = !0;
                                if (T) {
                                  if (n.y !== void 0) {
                                    let j = n.y,
                                      p = e;
                                    if (e === p)
                                      if (typeof j == 'number' && isFinite(j)) {
                                        if (j > 1e6 || isNaN(j))
                                          return (
                                            (V.errors = [
                                              {
                                                instancePath: r + '/focus/y',
                                                schemaPath: '#/properties/focus/properties/y/maximum',
                                                keyword: 'maximum',
                                                params: { comparison: '<=', limit: 1e6 },
                                                message: 'must be <= 1000000',
                                              },
                                            ]),
                                            !1
                                          );
                                        if (j < -1e6 || isNaN(j))
                                          return (
                                            (V.errors = [
                                              {
                                                instancePath: r + '/focus/y',
                                                schemaPath: '#/properties/focus/properties/y/minimum',
                                                keyword: 'minimum',
                                                params: { comparison: '>=', limit: -1e6 },
                                                message: 'must be >= -1000000',
                                              },
                                            ]),
                                            !1
                                          );
                                      } else
                                        return (
                                          (V.errors = [
                                            {
                                              instancePath: r + '/focus/y',
                                              schemaPath: '#/properties/focus/properties/y/type',
                                              keyword: 'type',
                                              params: { type: 'number' },
                                              message: 'must be number',
                                            },
                                          ]),
                                          !1
                                        );
                                    var T = p === e;
                                  } else var T = !0;
                                  if (T) {
                                    if (n.width !== void 0) {
                                      let j = n.width,
                                        p = e;
                                      if (e === p)
                                        if (typeof j == 'number' && isFinite(j)) {
                                          if (j > 1e5 || isNaN(j))
                                            return (
                                              (V.errors = [
                                                {
                                                  instancePath: r + '/focus/width',
                                                  schemaPath: '#/properties/focus/properties/width/maximum',
                                                  keyword: 'maximum',
                                                  params: { comparison: '<=', limit: 1e5 },
                                                  message: 'must be <= 100000',
                                                },
                                              ]),
                                              !1
                                            );
                                          if (j <= 0 || isNaN(j))
                                            return (
                                              (V.errors = [
                                                {
                                                  instancePath: r + '/focus/width',
                                                  schemaPath: '#/properties/focus/properties/width/exclusiveMinimum',
                                                  keyword: 'exclusiveMinimum',
                                                  params: { comparison: '>', limit: 0 },
                                                  message: 'must be > 0',
                                                },
                                              ]),
                                              !1
                                            );
                                        } else
                                          return (
                                            (V.errors = [
                                              {
                                                instancePath: r + '/focus/width',
                                                schemaPath: '#/properties/focus/properties/width/type',
                                                keyword: 'type',
                                                params: { type: 'number' },
                                                message: 'must be number',
                                              },
                                            ]),
                                            !1
                                          );
                                      var T = p === e;
                                    } else var T = !0;
                                    if (T)
                                      if (n.height !== void 0) {
                                        let j = n.height,
                                          p = e;
                                        if (e === p)
                                          if (typeof j == 'number' && isFinite(j)) {
                                            if (j > 1e5 || isNaN(j))
                                              return (
                                                (V.errors = [
                                                  {
                                                    instancePath: r + '/focus/height',
                                                    schemaPath: '#/properties/focus/properties/height/maximum',
                                                    keyword: 'maximum',
                                                    params: { comparison: '<=', limit: 1e5 },
                                                    message: 'must be <= 100000',
                                                  },
                                                ]),
                                                !1
                                              );
                                            if (j <= 0 || isNaN(j))
                                              return (
                                                (V.errors = [
                                                  {
                                                    instancePath: r + '/focus/height',
                                                    schemaPath: '#/properties/focus/properties/height/exclusiveMinimum',
                                                    keyword: 'exclusiveMinimum',
                                                    params: { comparison: '>', limit: 0 },
                                                    message: 'must be > 0',
                                                  },
                                                ]),
                                                !1
                                              );
                                          } else
                                            return (
                                              (V.errors = [
                                                {
                                                  instancePath: r + '/focus/height',
                                                  schemaPath: '#/properties/focus/properties/height/type',
                                                  keyword: 'type',
                                                  params: { type: 'number' },
                                                  message: 'must be number',
                                                },
                                              ]),
                                              !1
                                            );
                                        var T = p === e;
                                      } else var T = !0;
                                  }
                                }
                              }
                            }
                          } else
                            return (
                              (V.errors = [
                                {
                                  instancePath: r + '/focus',
                                  schemaPath: '#/properties/focus/type',
                                  keyword: 'type',
                                  params: { type: 'object' },
                                  message: 'must be object',
                                },
                              ]),
                              !1
                            );
                        var i = u === e;
                      } else var i = !0;
                      if (i)
                        if (s.cutouts !== void 0) {
                          let n = s.cutouts,
                            u = e;
                          if (e === u)
                            if (Array.isArray(n)) {
                              if (n.length > 100)
                                return (
                                  (V.errors = [
                                    {
                                      instancePath: r + '/cutouts',
                                      schemaPath: '#/properties/cutouts/maxItems',
                                      keyword: 'maxItems',
                                      params: { limit: 100 },
                                      message: 'must NOT have more than 100 items',
                                    },
                                  ]),
                                  !1
                                );
                              {
                                var q = !0;
                                let A = n.length;
                                for (let w = 0; w < A; w++) {
                                  let j = n[w],
                                    p = e;
                                  if (e === p)
                                    if (j && typeof j == 'object' && !Array.isArray(j)) {
                                      let Y;
                                      if (
                                        (j.id === void 0 && (Y = 'id')) ||
                                        (j.name === void 0 && (Y = 'name')) ||
                                        (j.revisions === void 0 && (Y = 'revisions'))
                                      )
                                        return (
                                          (V.errors = [
                                            {
                                              instancePath: r + '/cutouts/' + w,
                                              schemaPath: '#/properties/cutouts/items/required',
                                              keyword: 'required',
                                              params: { missingProperty: Y },
                                              message: "must have required property '" + Y + "'",
                                            },
                                          ]),
                                          !1
                                        );
                                      {
                                        let O = e;
                                        for (let o in j)
                                          if (!(o === 'id' || o === 'name' || o === 'revisions')) {
                                            return (
                                              (V.errors = [
                                                {
                                                  instancePath: r + '/cutouts/' + w,
                                                  schemaPath: '#/properties/cutouts/items/additionalProperties',
                                                  keyword: 'additionalProperties',
                                                  params: { additionalProperty: o },
                                                  message: 'must NOT have additional properties',
                                                },
                                              ]),
                                              !1
                                            );
                                            break;
                                          }
                                        if (O === e) {
                                          if (j.id !== void 0) {
                                            let o = j.id,
                                              h = e;
                                            if (e === e)
                                              if (typeof o == 'string') {
                                                if (!pe.test(o))
                                                  return (
                                                    (V.errors = [
                                                      {
                                                        instancePath: r + '/cutouts/' + w + '/id',
                                                        schemaPath: '#/$defs/id/pattern',
                                                        keyword: 'pattern',
                                                        params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                                        message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              } else
                                                return (
                                                  (V.errors = [
                                                    {
                                                      instancePath: r + '/cutouts/' + w + '/id',
                                                      schemaPath: '#/$defs/id/type',
                                                      keyword: 'type',
                                                      params: { type: 'string' },
                                                      message: 'must be string',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var P = h === e;
                                          } else var P = !0;
                                          if (P) {
                                            if (j.name !== void 0) {
                                              let o = j.name,
                                                h = e;
                                              if (e === e)
                                                if (typeof o == 'string') {
                                                  if (fe(o) > 200)
                                                    return (
                                                      (V.errors = [
                                                        {
                                                          instancePath: r + '/cutouts/' + w + '/name',
                                                          schemaPath: '#/$defs/name/maxLength',
                                                          keyword: 'maxLength',
                                                          params: { limit: 200 },
                                                          message: 'must NOT have more than 200 characters',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                } else
                                                  return (
                                                    (V.errors = [
                                                      {
                                                        instancePath: r + '/cutouts/' + w + '/name',
                                                        schemaPath: '#/$defs/name/type',
                                                        keyword: 'type',
                                                        params: { type: 'string' },
                                                        message: 'must be string',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var P = h === e;
                                            } else var P = !0;
                                            if (P)
                                              if (j.revisions !== void 0) {
                                                let o = j.revisions,
                                                  h = e;
                                                if (e === h)
                                                  if (Array.isArray(o)) {
                                                    if (o.length > 1e4)
                                                      return (
                                                        (V.errors = [
                                                          {
                                                            instancePath: r + '/cutouts/' + w + '/revisions',
                                                            schemaPath:
                                                              '#/properties/cutouts/items/properties/revisions/maxItems',
                                                            keyword: 'maxItems',
                                                            params: { limit: 1e4 },
                                                            message: 'must NOT have more than 10000 items',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                    {
                                                      var k = !0;
                                                      let m = o.length;
                                                      for (let I = 0; I < m; I++) {
                                                        let f = o[I],
                                                          g = e;
                                                        if (e === g)
                                                          if (f && typeof f == 'object' && !Array.isArray(f)) {
                                                            let y;
                                                            if (
                                                              (f.matteSha256 === void 0 && (y = 'matteSha256')) ||
                                                              (f.marks === void 0 && (y = 'marks'))
                                                            )
                                                              return (
                                                                (V.errors = [
                                                                  {
                                                                    instancePath: r + '/cutouts/' + w + '/revisions/' + I,
                                                                    schemaPath:
                                                                      '#/properties/cutouts/items/properties/revisions/items/required',
                                                                    keyword: 'required',
                                                                    params: { missingProperty: y },
                                                                    message: "must have required property '" + y + "'",
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                            {
                                                              let C = e;
                                                              for (let se in f)
                                                                if (!(se === 'matteSha256' || se === 'marks')) {
                                                                  return (
                                                                    (V.errors = [
                                                                      {
                                                                        instancePath: r + '/cutouts/' + w + '/revisions/' + I,
                                                                        schemaPath:
                                                                          '#/properties/cutouts/items/properties/revisions/items/additionalProperties',
                                                                        keyword: 'additionalProperties',
                                                                        params: { additionalProperty: se },
                                                                        message: 'must NOT have additional properties',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                                  break;
                                                                }
                                                              if (C === e) {
                                                                if (f.matteSha256 !== void 0) {
                                                                  let se = f.matteSha256,
                                                                    Q = e;
                                                                  if (e === e)
                                                                    if (typeof se == 'string') {
                                                                      if (!Ae.test(se))
                                                                        return (
                                                                          (V.errors = [
                                                                            {
                                                                              instancePath:
                                                                                r +
                                                                                '/cutouts/' +
                                                                                w +
                                                                                '/revisions/' +
                                                                                I +
                                                                                '/matteSha256',
                                                                              schemaPath: '#/$defs/sha256/pattern',
                                                                              keyword: 'pattern',
                                                                              params: { pattern: '^[0-9a-f]{64}$' },
                                                                              message: 'must match pattern "^[0-9a-f]{64}$"',
                                                                            },
                                                                          ]),
                                                                          !1
                                                                        );
                                                                    } else
                                                                      return (
                                                                        (V.errors = [
                                                                          {
                                                                            instancePath:
                                                                              r +
                                                                              '/cutouts/' +
                                                                              w +
                                                                              '/revisions/' +
                                                                              I +
                                                                              '/matteSha256',
                                                                            schemaPath: '#/$defs/sha256/type',
                                                                            keyword: 'type',
                                                                            params: { type: 'string' },
                                                                            message: 'must be string',
                                                                          },
                                                                        ]),
                                                                        !1
                                                                      );
                                                                  var E = Q === e;
                                                                } else var E = !0;
                                                                if (E)
                                                                  if (f.marks !== void 0) {
                                                                    let se = f.marks,
                                                                      Q = e;
                                                                    if (e === Q)
                                                                      if (Array.isArray(se)) {
                                                                        if (se.length > 1e4)
                                                                          return (
                                                                            (V.errors = [
                                                                              {
                                                                                instancePath:
                                                                                  r +
                                                                                  '/cutouts/' +
                                                                                  w +
                                                                                  '/revisions/' +
                                                                                  I +
                                                                                  '/marks',
                                                                                schemaPath:
                                                                                  '#/properties/cutouts/items/properties/revisions/items/properties/marks/maxItems',
                                                                                keyword: 'maxItems',
                                                                                params: { limit: 1e4 },
                                                                                message: 'must NOT have more than 10000 items',
                                                                              },
                                                                            ]),
                                                                            !1
                                                                          );
                                                                        {
                                                                          var a = !0;
                                                                          let $ = se.length;
                                                                          for (let L = 0; L < $; L++) {
                                                                            let S = se[L],
                                                                              ae = e;
                                                                            if (e === ae)
                                                                              if (
                                                                                S &&
                                                                                typeof S == 'object' &&
                                                                                !Array.isArray(S)
                                                                              ) {
                                                                                let B;
                                                                                if (
                                                                                  (S.kind === void 0 && (B = 'kind')) ||
                                                                                  (S.points === void 0 && (B = 'points'))
                                                                                )
                                                                                  return (
                                                                                    (V.errors = [
                                                                                      {
                                                                                        instancePath:
                                                                                          r +
                                                                                          '/cutouts/' +
                                                                                          w +
                                                                                          '/revisions/' +
                                                                                          I +
                                                                                          '/marks/' +
                                                                                          L,
                                                                                        schemaPath:
                                                                                          '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/required',
                                                                                        keyword: 'required',
                                                                                        params: { missingProperty: B },
                                                                                        message:
                                                                                          "must have required property '" +
                                                                                          B +
                                                                                          "'",
                                                                                      },
                                                                                    ]),
                                                                                    !1
                                                                                  );
                                                                                {
                                                                                  let be = e;
                                                                                  for (let te in S)
                                                                                    if (!(
                                                                                      te === 'kind' ||
                                                                                      te === 'points' ||
                                                                                      te === 'width'
                                                                                    )) {
                                                                                      return (
                                                                                        (V.errors = [
                                                                                          {
                                                                                            instancePath:
                                                                                              r +
                                                                                              '/cutouts/' +
                                                                                              w +
                                                                                              '/revisions/' +
                                                                                              I +
                                                                                              '/marks/' +
                                                                                              L,
                                                                                            schemaPath:
                                                                                              '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/additionalProperties',
                                                                                            keyword: 'additionalProperties',
                                                                                            params: { additionalProperty: te },
                                                                                            message:
                                                                                              'must NOT have additional properties',
                                                                                          },
                                                                                        ]),
                                                                                        !1
                                                                                      );
                                                                                      break;
                                                                                    }
                                                                                  if (be === e) {
                                                                                    if (S.kind !== void 0) {
                                                                                      let te = S.kind,
                                                                                        ge = e;
                                                                                      if (!(
                                                                                        te === 'box' ||
                                                                                        te === 'keep' ||
                                                                                        te === 'leave-out' ||
                                                                                        te === 'trace' ||
                                                                                        te === 'paint' ||
                                                                                        te === 'erase' ||
                                                                                        te === 'soft-edge'
                                                                                      ))
                                                                                        return (
                                                                                          (V.errors = [
                                                                                            {
                                                                                              instancePath:
                                                                                                r +
                                                                                                '/cutouts/' +
                                                                                                w +
                                                                                                '/revisions/' +
                                                                                                I +
                                                                                                '/marks/' +
                                                                                                L +
                                                                                                '/kind',
                                                                                              schemaPath:
                                                                                                '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/properties/kind/enum',
                                                                                              keyword: 'enum',
                                                                                              params: {
                                                                                                allowedValues:
                                                                                                  Le.properties.cutouts.items
                                                                                                    .properties.revisions.items
                                                                                                    .properties.marks.items
                                                                                                    .properties.kind.enum,
                                                                                              },
                                                                                              message:
                                                                                                'must be equal to one of the allowed values',
                                                                                            },
                                                                                          ]),
                                                                                          !1
                                                                                        );
                                                                                      var F = ge === e;
                                                                                    } else var F = !0;
                                                                                    if (F) {
                                                                                      if (S.points !== void 0) {
                                                                                        let te = S.points,
                                                                                          ge = e;
                                                                                        if (e === ge)
                                                                                          if (Array.isArray(te)) {
                                                                                            if (te.length > 2e5)
                                                                                              return (
                                                                                                (V.errors = [
                                                                                                  {
                                                                                                    instancePath:
                                                                                                      r +
                                                                                                      '/cutouts/' +
                                                                                                      w +
                                                                                                      '/revisions/' +
                                                                                                      I +
                                                                                                      '/marks/' +
                                                                                                      L +
                                                                                                      '/points',
                                                                                                    schemaPath:
                                                                                                      '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/properties/points/maxItems',
                                                                                                    keyword: 'maxItems',
                                                                                                    params: { limit: 2e5 },
                                                                                                    message:
                                                                                                      'must NOT have more than 200000 items',
                                                                                                  },
                                                                                                ]),
                                                                                                !1
                                                                                              );
                                                                                            {
                                                                                              var Z = !0;
                                                                                              let ye = te.length;
                                                                                              for (let ve = 0; ve < ye; ve++) {
                                                                                                let _e = te[ve],
                                                                                                  Pe = e;
                                                                                                if (!(
                                                                                                  typeof _e == 'number' &&
                                                                                                  isFinite(_e)
                                                                                                ))
                                                                                                  return (
                                                                                                    (V.errors = [
                                                                                                      {
                                                                                                        instancePath:
                                                                                                          r +
                                                                                                          '/cutouts/' +
                                                                                                          w +
                                                                                                          '/revisions/' +
                                                                                                          I +
                                                                                                          '/marks/' +
                                                                                                          L +
                                                                                                          '/points/' +
                                                                                                          ve,
                                                                                                        schemaPath:
                                                                                                          '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/properties/points/items/type',
                                                                                                        keyword: 'type',
                                                                                                        params: {
                                                                                                          type: 'number',
                                                                                                        },
                                                                                                        message: 'must be number',
                                                                                                      },
                                                                                                    ]),
                                                                                                    !1
                                                                                                  );
                                                                                                var Z = Pe === e;
                                                                                                if (!Z) break;
                                                                                              }
                                                                                            }
                                                                                          } else
                                                                                            return (
                                                                                              (V.errors = [
                                                                                                {
                                                                                                  instancePath:
                                                                                                    r +
                                                                                                    '/cutouts/' +
                                                                                                    w +
                                                                                                    '/revisions/' +
                                                                                                    I +
                                                                                                    '/marks/' +
                                                                                                    L +
                                                                                                    '/points',
                                                                                                  schemaPath:
                                                                                                    '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/properties/points/type',
                                                                                                  keyword: 'type',
                                                                                                  params: { type: 'array' },
                                                                                                  message: 'must be array',
                                                                                                },
                                                                                              ]),
                                                                                              !1
                                                                                            );
                                                                                        var F = ge === e;
                                                                                      } else var F = !0;
                                                                                      if (F)
                                                                                        if (S.width !== void 0) {
                                                                                          let te = S.width,
                                                                                            ge = e;
                                                                                          if (e === ge)
                                                                                            if (
                                                                                              typeof te == 'number' &&
                                                                                              isFinite(te)
                                                                                            ) {
                                                                                              if (te > 1e5 || isNaN(te))
                                                                                                return (
                                                                                                  (V.errors = [
                                                                                                    {
                                                                                                      instancePath:
                                                                                                        r +
                                                                                                        '/cutouts/' +
                                                                                                        w +
                                                                                                        '/revisions/' +
                                                                                                        I +
                                                                                                        '/marks/' +
                                                                                                        L +
                                                                                                        '/width',
                                                                                                      schemaPath:
                                                                                                        '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/properties/width/maximum',
                                                                                                      keyword: 'maximum',
                                                                                                      params: {
                                                                                                        comparison: '<=',
                                                                                                        limit: 1e5,
                                                                                                      },
                                                                                                      message:
                                                                                                        'must be <= 100000',
                                                                                                    },
                                                                                                  ]),
                                                                                                  !1
                                                                                                );
                                                                                              if (te <= 0 || isNaN(te))
                                                                                                return (
                                                                                                  (V.errors = [
                                                                                                    {
                                                                                                      instancePath:
                                                                                                        r +
                                                                                                        '/cutouts/' +
                                                                                                        w +
                                                                                                        '/revisions/' +
                                                                                                        I +
                                                                                                        '/marks/' +
                                                                                                        L +
                                                                                                        '/width',
                                                                                                      schemaPath:
                                                                                                        '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/properties/width/exclusiveMinimum',
                                                                                                      keyword: 'exclusiveMinimum',
                                                                                                      params: {
                                                                                                        comparison: '>',
                                                                                                        limit: 0,
                                                                                                      },
                                                                                                      message: 'must be > 0',
                                                                                                    },
                                                                                                  ]),
                                                                                                  !1
                                                                                                );
                                                                                            } else
                                                                                              return (
                                                                                                (V.errors = [
                                                                                                  {
                                                                                                    instancePath:
                                                                                                      r +
                                                                                                      '/cutouts/' +
                                                                                                      w +
                                                                                                      '/revisions/' +
                                                                                                      I +
                                                                                                      '/marks/' +
                                                                                                      L +
                                                                                                      '/width',
                                                                                                    schemaPath:
                                                                                                      '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/properties/width/type',
                                                                                                    keyword: 'type',
                                                                                                    params: { type: 'number' },
                                                                                                    message: 'must be number',
                                                                                                  },
                                                                                                ]),
                                                                                                !1
                                                                                              );
                                                                                          var F = ge === e;
                                                                                        } else var F = !0;
                                                                                    }
                                                                                  }
                                                                                }
                                                                              } else
                                                                                return (
                                                                                  (V.errors = [
                                                                                    {
                                                                                      instancePath:
                                                                                        r +
                                                                                        '/cutouts/' +
                                                                                        w +
                                                                                        '/revisions/' +
                                                                                        I +
                                                                                        '/marks/' +
                                                                                        L,
                                                                                      schemaPath:
                                                                                        '#/properties/cutouts/items/properties/revisions/items/properties/marks/items/type',
                                                                                      keyword: 'type',
                                                                                      params: { type: 'object' },
                                                                                      message: 'must be object',
                                                                                    },
                                                                                  ]),
                                                                                  !1
                                                                                );
                                                                            var a = ae === e;
                                                                            if (!a) break;
                                                                          }
                                                                        }
                                                                      } else
                                                                        return (
                                                                          (V.errors = [
                                                                            {
                                                                              instancePath:
                                                                                r +
                                                                                '/cutouts/' +
                                                                                w +
                                                                                '/revisions/' +
                                                                                I +
                                                                                '/marks',
                                                                              schemaPath:
                                                                                '#/properties/cutouts/items/properties/revisions/items/properties/marks/type',
                                                                              keyword: 'type',
                                                                              params: { type: 'array' },
                                                                              message: 'must be array',
                                                                            },
                                                                          ]),
                                                                          !1
                                                                        );
                                                                    var E = Q === e;
                                                                  } else var E = !0;
                                                              }
                                                            }
                                                          } else
                                                            return (
                                                              (V.errors = [
                                                                {
                                                                  instancePath: r + '/cutouts/' + w + '/revisions/' + I,
                                                                  schemaPath:
                                                                    '#/properties/cutouts/items/properties/revisions/items/type',
                                                                  keyword: 'type',
                                                                  params: { type: 'object' },
                                                                  message: 'must be object',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        var k = g === e;
                                                        if (!k) break;
                                                      }
                                                    }
                                                  } else
                                                    return (
                                                      (V.errors = [
                                                        {
                                                          instancePath: r + '/cutouts/' + w + '/revisions',
                                                          schemaPath: '#/properties/cutouts/items/properties/revisions/type',
                                                          keyword: 'type',
                                                          params: { type: 'array' },
                                                          message: 'must be array',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                var P = h === e;
                                              } else var P = !0;
                                          }
                                        }
                                      }
                                    } else
                                      return (
                                        (V.errors = [
                                          {
                                            instancePath: r + '/cutouts/' + w,
                                            schemaPath: '#/properties/cutouts/items/type',
                                            keyword: 'type',
                                            params: { type: 'object' },
                                            message: 'must be object',
                                          },
                                        ]),
                                        !1
                                      );
                                  var q = p === e;
                                  if (!q) break;
                                }
                              }
                            } else
                              return (
                                (V.errors = [
                                  {
                                    instancePath: r + '/cutouts',
                                    schemaPath: '#/properties/cutouts/type',
                                    keyword: 'type',
                                    params: { type: 'array' },
                                    message: 'must be array',
                                  },
                                ]),
                                !1
                              );
                          var i = u === e;
                        } else var i = !0;
                    }
                  }
                }
              }
            }
          }
        }
      } else
        return (
          (V.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((V.errors = l), e === 0);
  }
  V.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  var Ze = {
      type: 'object',
      additionalProperties: !1,
      required: [
        'id',
        'name',
        'width',
        'height',
        'dpi',
        'bleed',
        'margin',
        'background',
        'placements',
        'guides',
        'items',
        'crossings',
      ],
      properties: {
        id: { $ref: '#/$defs/id' },
        name: { $ref: '#/$defs/name' },
        width: { type: 'number', minimum: 1, maximum: 3e4 },
        height: { type: 'number', minimum: 1, maximum: 3e4 },
        dpi: { type: 'number', minimum: 1, maximum: 2400 },
        bleed: { type: 'number', minimum: 0, maximum: 1e5 },
        margin: { type: 'number', minimum: 0, maximum: 1e5 },
        folds: {
          type: 'array',
          items: {
            type: 'object',
            additionalProperties: !1,
            required: ['axis', 'at'],
            properties: { axis: { $ref: '#/$defs/axis' }, at: { type: 'number', minimum: -1e6, maximum: 1e6 } },
          },
          maxItems: 20,
        },
        background: { $ref: '#/$defs/fill' },
        veil: {
          type: 'object',
          additionalProperties: !1,
          required: [],
          properties: {
            colour: { $ref: '#/$defs/colour' },
            strength: { type: 'number', minimum: 0, maximum: 1 },
            tone: { $ref: '#/$defs/tone' },
          },
        },
        light: {
          type: 'object',
          additionalProperties: !1,
          required: ['angle', 'height'],
          properties: { angle: { type: 'number' }, height: { type: 'number', minimum: 0, maximum: 90 } },
        },
        placements: {
          type: 'object',
          propertyNames: { $ref: '#/$defs/id' },
          additionalProperties: { $ref: '#/$defs/placement' },
        },
        guides: {
          type: 'array',
          items: {
            type: 'object',
            additionalProperties: !1,
            required: ['axis', 'at'],
            properties: { axis: { $ref: '#/$defs/axis' }, at: { type: 'number', minimum: -1e6, maximum: 1e6 } },
          },
          maxItems: 200,
        },
        items: { type: 'array', items: { $ref: '#/$defs/item' }, maxItems: 5e3 },
        crossings: { type: 'array', items: { $ref: '#/$defs/crossing' }, maxItems: 1e4 },
      },
    },
    Ie = { enum: ['horizontal', 'vertical'] };
  var xe = Object.prototype.hasOwnProperty,
    we = {
      type: 'object',
      discriminator: { propertyName: 'type' },
      required: ['type'],
      oneOf: [
        { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'none' } } },
        {
          type: 'object',
          additionalProperties: !1,
          required: ['type', 'colour'],
          properties: { type: { const: 'colour' }, colour: { $ref: '#/$defs/colour' } },
        },
        {
          type: 'object',
          additionalProperties: !1,
          required: ['type', 'kind', 'stops'],
          properties: {
            type: { const: 'gradient' },
            kind: { enum: ['linear', 'radial'] },
            angle: { type: 'number' },
            stops: {
              type: 'array',
              items: {
                type: 'object',
                additionalProperties: !1,
                required: ['at', 'colour'],
                properties: { at: { type: 'number', minimum: 0, maximum: 1 }, colour: { $ref: '#/$defs/colour' } },
              },
              maxItems: 32,
              minItems: 1,
            },
          },
        },
        {
          type: 'object',
          additionalProperties: !1,
          required: ['type', 'colours', 'layers'],
          properties: {
            type: { const: 'drawing' },
            colours: { type: 'array', items: { $ref: '#/$defs/colour' }, minItems: 1, maxItems: 8 },
            layers: {
              type: 'array',
              minItems: 1,
              maxItems: 200,
              items: {
                type: 'object',
                additionalProperties: !1,
                required: ['d', 'colour'],
                properties: {
                  d: { type: 'string', maxLength: 1e5 },
                  colour: { type: 'integer', minimum: 0, maximum: 7 },
                  shade: { type: 'number', minimum: -1, maximum: 1 },
                  strength: { type: 'number', minimum: 0, maximum: 1 },
                  fade: {
                    type: 'object',
                    additionalProperties: !1,
                    required: ['kind', 'stops'],
                    properties: {
                      kind: { enum: ['linear', 'radial'] },
                      angle: { type: 'number' },
                      stops: {
                        type: 'array',
                        minItems: 2,
                        maxItems: 16,
                        items: {
                          type: 'object',
                          additionalProperties: !1,
                          required: ['at', 'strength'],
                          properties: {
                            at: { type: 'number', minimum: 0, maximum: 1 },
                            strength: { type: 'number', minimum: 0, maximum: 1 },
                          },
                        },
                      },
                    },
                  },
                },
              },
            },
          },
        },
        {
          type: 'object',
          additionalProperties: !1,
          required: ['type', 'photoId', 'placement'],
          properties: {
            type: { const: 'photo' },
            photoId: { $ref: '#/$defs/id' },
            placement: { oneOf: [{ $ref: '#/$defs/placement' }, { $ref: '#/$defs/id' }] },
            fit: { enum: ['fill', 'whole', 'subject', 'own'] },
            keepCovered: { type: 'boolean' },
            cutout: {
              type: 'object',
              additionalProperties: !1,
              required: ['id', 'revision'],
              properties: { id: { $ref: '#/$defs/id' }, revision: { type: 'integer', minimum: 0 } },
            },
            show: { enum: ['photo', 'subject'] },
            tone: { $ref: '#/$defs/tone' },
            blur: { type: 'number', minimum: 0, maximum: 1e5 },
            effect: { $ref: '#/$defs/effect' },
            extend: { $ref: '#/$defs/colour' },
          },
        },
      ],
    },
    Se = {
      type: 'object',
      additionalProperties: !1,
      required: ['kind', 'strength'],
      properties: {
        kind: { enum: ['flattened', 'halftone'] },
        strength: { type: 'number', minimum: 0, maximum: 1 },
        ink: { $ref: '#/$defs/colour' },
      },
    };
  function le(
    s,
    { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {},
  ) {
    let l = null,
      e = 0,
      D = le.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let T;
        if ((s.kind === void 0 && (T = 'kind')) || (s.strength === void 0 && (T = 'strength')))
          return (
            (le.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: T },
                message: "must have required property '" + T + "'",
              },
            ]),
            !1
          );
        {
          let q = e;
          for (let P in s)
            if (!(P === 'kind' || P === 'strength' || P === 'ink')) {
              return (
                (le.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: P },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (q === e) {
            if (s.kind !== void 0) {
              let P = s.kind,
                k = e;
              if (!(P === 'flattened' || P === 'halftone'))
                return (
                  (le.errors = [
                    {
                      instancePath: r + '/kind',
                      schemaPath: '#/properties/kind/enum',
                      keyword: 'enum',
                      params: { allowedValues: Se.properties.kind.enum },
                      message: 'must be equal to one of the allowed values',
                    },
                  ]),
                  !1
                );
              var i = k === e;
            } else var i = !0;
            if (i) {
              if (s.strength !== void 0) {
                let P = s.strength,
                  k = e;
                if (e === k)
                  if (typeof P == 'number' && isFinite(P)) {
                    if (P > 1 || isNaN(P))
                      return (
                        (le.errors = [
                          {
                            instancePath: r + '/strength',
                            schemaPath: '#/properties/strength/maximum',
                            keyword: 'maximum',
                            params: { comparison: '<=', limit: 1 },
                            message: 'must be <= 1',
                          },
                        ]),
                        !1
                      );
                    if (P < 0 || isNaN(P))
                      return (
                        (le.errors = [
                          {
                            instancePath: r + '/strength',
                            schemaPath: '#/properties/strength/minimum',
                            keyword: 'minimum',
                            params: { comparison: '>=', limit: 0 },
                            message: 'must be >= 0',
                          },
                        ]),
                        !1
                      );
                  } else
                    return (
                      (le.errors = [
                        {
                          instancePath: r + '/strength',
                          schemaPath: '#/properties/strength/type',
                          keyword: 'type',
                          params: { type: 'number' },
                          message: 'must be number',
                        },
                      ]),
                      !1
                    );
                var i = k === e;
              } else var i = !0;
              if (i)
                if (s.ink !== void 0) {
                  let P = s.ink,
                    k = e;
                  if (e === e)
                    if (typeof P == 'string') {
                      if (!ce.test(P))
                        return (
                          (le.errors = [
                            {
                              instancePath: r + '/ink',
                              schemaPath: '#/$defs/colour/pattern',
                              keyword: 'pattern',
                              params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                              message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                            },
                          ]),
                          !1
                        );
                    } else
                      return (
                        (le.errors = [
                          {
                            instancePath: r + '/ink',
                            schemaPath: '#/$defs/colour/type',
                            keyword: 'type',
                            params: { type: 'string' },
                            message: 'must be string',
                          },
                        ]),
                        !1
                      );
                  var i = k === e;
                } else var i = !0;
            }
          }
        }
      } else
        return (
          (le.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((le.errors = l), e === 0);
  }
  le.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function v(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = v.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let Y;
        if (s.type === void 0 && (Y = 'type'))
          return (
            (v.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: Y },
                message: "must have required property '" + Y + "'",
              },
            ]),
            !1
          );
        {
          let O = s.type;
          if (typeof O == 'string')
            if (O === 'none') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let h;
                  if (s.type === void 0 && (h = 'type'))
                    return (
                      (v.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/0/required',
                          keyword: 'required',
                          params: { missingProperty: h },
                          message: "must have required property '" + h + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let t = e;
                    for (let m in s)
                      if (m !== 'type') {
                        return (
                          (v.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/0/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: m },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (t === e && s.type !== void 0 && s.type !== 'none')
                      return (
                        (v.errors = [
                          {
                            instancePath: r + '/type',
                            schemaPath: '#/oneOf/0/properties/type/const',
                            keyword: 'const',
                            params: { allowedValue: 'none' },
                            message: 'must be equal to constant',
                          },
                        ]),
                        !1
                      );
                  }
                } else
                  return (
                    (v.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/0/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              var i = !0;
            } else if (O === 'colour') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let h;
                  if ((s.type === void 0 && (h = 'type')) || (s.colour === void 0 && (h = 'colour')))
                    return (
                      (v.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/1/required',
                          keyword: 'required',
                          params: { missingProperty: h },
                          message: "must have required property '" + h + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let t = e;
                    for (let m in s)
                      if (!(m === 'type' || m === 'colour')) {
                        return (
                          (v.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/1/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: m },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (t === e) {
                      if (s.type !== void 0) {
                        let m = e;
                        if (s.type !== 'colour')
                          return (
                            (v.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/1/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'colour' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var T = m === e;
                      } else var T = !0;
                      if (T)
                        if (s.colour !== void 0) {
                          let m = s.colour,
                            I = e;
                          if (e === e)
                            if (typeof m == 'string') {
                              if (!ce.test(m))
                                return (
                                  (v.errors = [
                                    {
                                      instancePath: r + '/colour',
                                      schemaPath: '#/$defs/colour/pattern',
                                      keyword: 'pattern',
                                      params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                      message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (v.errors = [
                                  {
                                    instancePath: r + '/colour',
                                    schemaPath: '#/$defs/colour/type',
                                    keyword: 'type',
                                    params: { type: 'string' },
                                    message: 'must be string',
                                  },
                                ]),
                                !1
                              );
                          var T = I === e;
                        } else var T = !0;
                    }
                  }
                } else
                  return (
                    (v.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/1/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              i !== !0 && (i = !0);
            } else if (O === 'gradient') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let h;
                  if (
                    (s.type === void 0 && (h = 'type')) ||
                    (s.kind === void 0 && (h = 'kind')) ||
                    (s.stops === void 0 && (h = 'stops'))
                  )
                    return (
                      (v.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/2/required',
                          keyword: 'required',
                          params: { missingProperty: h },
                          message: "must have required property '" + h + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let t = e;
                    for (let m in s)
                      if (!(m === 'type' || m === 'kind' || m === 'angle' || m === 'stops')) {
                        return (
                          (v.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/2/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: m },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (t === e) {
                      if (s.type !== void 0) {
                        let m = e;
                        if (s.type !== 'gradient')
                          return (
                            (v.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/2/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'gradient' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var q = m === e;
                      } else var q = !0;
                      if (q) {
                        if (s.kind !== void 0) {
                          let m = s.kind,
                            I = e;
                          if (!(m === 'linear' || m === 'radial'))
                            return (
                              (v.errors = [
                                {
                                  instancePath: r + '/kind',
                                  schemaPath: '#/oneOf/2/properties/kind/enum',
                                  keyword: 'enum',
                                  params: { allowedValues: we.oneOf[2].properties.kind.enum },
                                  message: 'must be equal to one of the allowed values',
                                },
                              ]),
                              !1
                            );
                          var q = I === e;
                        } else var q = !0;
                        if (q) {
                          if (s.angle !== void 0) {
                            let m = s.angle,
                              I = e;
                            if (!(typeof m == 'number' && isFinite(m)))
                              return (
                                (v.errors = [
                                  {
                                    instancePath: r + '/angle',
                                    schemaPath: '#/oneOf/2/properties/angle/type',
                                    keyword: 'type',
                                    params: { type: 'number' },
                                    message: 'must be number',
                                  },
                                ]),
                                !1
                              );
                            var q = I === e;
                          } else var q = !0;
                          if (q)
                            if (s.stops !== void 0) {
                              let m = s.stops,
                                I = e;
                              if (e === I)
                                if (Array.isArray(m)) {
                                  if (m.length > 32)
                                    return (
                                      (v.errors = [
                                        {
                                          instancePath: r + '/stops',
                                          schemaPath: '#/oneOf/2/properties/stops/maxItems',
                                          keyword: 'maxItems',
                                          params: { limit: 32 },
                                          message: 'must NOT have more than 32 items',
                                        },
                                      ]),
                                      !1
                                    );
                                  if (m.length < 1)
                                    return (
                                      (v.errors = [
                                        {
                                          instancePath: r + '/stops',
                                          schemaPath: '#/oneOf/2/properties/stops/minItems',
                                          keyword: 'minItems',
                                          params: { limit: 1 },
                                          message: 'must NOT have fewer than 1 items',
                                        },
                                      ]),
                                      !1
                                    );
                                  {
                                    var P = !0;
                                    let g = m.length;
                                    for (let d = 0; d < g; d++) {
                                      let y = m[d],
                                        C = e;
                                      if (e === C)
                                        if (y && typeof y == 'object' && !Array.isArray(y)) {
                                          let Q;
                                          if ((y.at === void 0 && (Q = 'at')) || (y.colour === void 0 && (Q = 'colour')))
                                            return (
                                              (v.errors = [
                                                {
                                                  instancePath: r + '/stops/' + d,
                                                  schemaPath: '#/oneOf/2/properties/stops/items/required',
                                                  keyword: 'required',
                                                  params: { missingProperty: Q },
                                                  message: "must have required property '" + Q + "'",
                                                },
                                              ]),
                                              !1
                                            );
                                          {
                                            let K = e;
                                            for (let $ in y)
                                              if (!($ === 'at' || $ === 'colour')) {
                                                return (
                                                  (v.errors = [
                                                    {
                                                      instancePath: r + '/stops/' + d,
                                                      schemaPath: '#/oneOf/2/properties/stops/items/additionalProperties',
                                                      keyword: 'additionalProperties',
                                                      params: { additionalProperty: $ },
                                                      message: 'must NOT have additional properties',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                                break;
                                              }
                                            if (K === e) {
                                              if (y.at !== void 0) {
                                                let $ = y.at,
                                                  L = e;
                                                if (e === L)
                                                  if (typeof $ == 'number' && isFinite($)) {
                                                    if ($ > 1 || isNaN($))
                                                      return (
                                                        (v.errors = [
                                                          {
                                                            instancePath: r + '/stops/' + d + '/at',
                                                            schemaPath: '#/oneOf/2/properties/stops/items/properties/at/maximum',
                                                            keyword: 'maximum',
                                                            params: { comparison: '<=', limit: 1 },
                                                            message: 'must be <= 1',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                    if ($ < 0 || isNaN($))
                                                      return (
                                                        (v.errors = [
                                                          {
                                                            instancePath: r + '/stops/' + d + '/at',
                                                            schemaPath: '#/oneOf/2/properties/stops/items/properties/at/minimum',
                                                            keyword: 'minimum',
                                                            params: { comparison: '>=', limit: 0 },
                                                            message: 'must be >= 0',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  } else
                                                    return (
                                                      (v.errors = [
                                                        {
                                                          instancePath: r + '/stops/' + d + '/at',
                                                          schemaPath: '#/oneOf/2/properties/stops/items/properties/at/type',
                                                          keyword: 'type',
                                                          params: { type: 'number' },
                                                          message: 'must be number',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                var k = L === e;
                                              } else var k = !0;
                                              if (k)
                                                if (y.colour !== void 0) {
                                                  let $ = y.colour,
                                                    L = e;
                                                  if (e === e)
                                                    if (typeof $ == 'string') {
                                                      if (!ce.test($))
                                                        return (
                                                          (v.errors = [
                                                            {
                                                              instancePath: r + '/stops/' + d + '/colour',
                                                              schemaPath: '#/$defs/colour/pattern',
                                                              keyword: 'pattern',
                                                              params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                                              message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    } else
                                                      return (
                                                        (v.errors = [
                                                          {
                                                            instancePath: r + '/stops/' + d + '/colour',
                                                            schemaPath: '#/$defs/colour/type',
                                                            keyword: 'type',
                                                            params: { type: 'string' },
                                                            message: 'must be string',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  var k = L === e;
                                                } else var k = !0;
                                            }
                                          }
                                        } else
                                          return (
                                            (v.errors = [
                                              {
                                                instancePath: r + '/stops/' + d,
                                                schemaPath: '#/oneOf/2/properties/stops/items/type',
                                                keyword: 'type',
                                                params: { type: 'object' },
                                                message: 'must be object',
                                              },
                                            ]),
                                            !1
                                          );
                                      var P = C === e;
                                      if (!P) break;
                                    }
                                  }
                                } else
                                  return (
                                    (v.errors = [
                                      {
                                        instancePath: r + '/stops',
                                        schemaPath: '#/oneOf/2/properties/stops/type',
                                        keyword: 'type',
                                        params: { type: 'array' },
                                        message: 'must be array',
                                      },
                                    ]),
                                    !1
                                  );
                              var q = I === e;
                            } else var q = !0;
                        }
                      }
                    }
                  }
                } else
                  return (
                    (v.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/2/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              i !== !0 && (i = !0);
            } else if (O === 'drawing') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let h;
                  if (
                    (s.type === void 0 && (h = 'type')) ||
                    (s.colours === void 0 && (h = 'colours')) ||
                    (s.layers === void 0 && (h = 'layers'))
                  )
                    return (
                      (v.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/3/required',
                          keyword: 'required',
                          params: { missingProperty: h },
                          message: "must have required property '" + h + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let t = e;
                    for (let m in s)
                      if (!(m === 'type' || m === 'colours' || m === 'layers')) {
                        return (
                          (v.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/3/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: m },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (t === e) {
                      if (s.type !== void 0) {
                        let m = e;
                        if (s.type !== 'drawing')
                          return (
                            (v.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/3/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'drawing' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var E = m === e;
                      } else var E = !0;
                      if (E) {
                        if (s.colours !== void 0) {
                          let m = s.colours,
                            I = e;
                          if (e === I)
                            if (Array.isArray(m)) {
                              if (m.length > 8)
                                return (
                                  (v.errors = [
                                    {
                                      instancePath: r + '/colours',
                                      schemaPath: '#/oneOf/3/properties/colours/maxItems',
                                      keyword: 'maxItems',
                                      params: { limit: 8 },
                                      message: 'must NOT have more than 8 items',
                                    },
                                  ]),
                                  !1
                                );
                              if (m.length < 1)
                                return (
                                  (v.errors = [
                                    {
                                      instancePath: r + '/colours',
                                      schemaPath: '#/oneOf/3/properties/colours/minItems',
                                      keyword: 'minItems',
                                      params: { limit: 1 },
                                      message: 'must NOT have fewer than 1 items',
                                    },
                                  ]),
                                  !1
                                );
                              {
                                var a = !0;
                                let g = m.length;
                                for (let d = 0; d < g; d++) {
                                  let y = m[d],
                                    C = e;
                                  if (e === e)
                                    if (typeof y == 'string') {
                                      if (!ce.test(y))
                                        return (
                                          (v.errors = [
                                            {
                                              instancePath: r + '/colours/' + d,
                                              schemaPath: '#/$defs/colour/pattern',
                                              keyword: 'pattern',
                                              params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                              message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                            },
                                          ]),
                                          !1
                                        );
                                    } else
                                      return (
                                        (v.errors = [
                                          {
                                            instancePath: r + '/colours/' + d,
                                            schemaPath: '#/$defs/colour/type',
                                            keyword: 'type',
                                            params: { type: 'string' },
                                            message: 'must be string',
                                          },
                                        ]),
                                        !1
                                      );
                                  var a = C === e;
                                  if (!a) break;
                                }
                              }
                            } else
                              return (
                                (v.errors = [
                                  {
                                    instancePath: r + '/colours',
                                    schemaPath: '#/oneOf/3/properties/colours/type',
                                    keyword: 'type',
                                    params: { type: 'array' },
                                    message: 'must be array',
                                  },
                                ]),
                                !1
                              );
                          var E = I === e;
                        } else var E = !0;
                        if (E)
                          if (s.layers !== void 0) {
                            let m = s.layers,
                              I = e;
                            if (e === I)
                              if (Array.isArray(m)) {
                                if (m.length > 200)
                                  return (
                                    (v.errors = [
                                      {
                                        instancePath: r + '/layers',
                                        schemaPath: '#/oneOf/3/properties/layers/maxItems',
                                        keyword: 'maxItems',
                                        params: { limit: 200 },
                                        message: 'must NOT have more than 200 items',
                                      },
                                    ]),
                                    !1
                                  );
                                if (m.length < 1)
                                  return (
                                    (v.errors = [
                                      {
                                        instancePath: r + '/layers',
                                        schemaPath: '#/oneOf/3/properties/layers/minItems',
                                        keyword: 'minItems',
                                        params: { limit: 1 },
                                        message: 'must NOT have fewer than 1 items',
                                      },
                                    ]),
                                    !1
                                  );
                                {
                                  var F = !0;
                                  let g = m.length;
                                  for (let d = 0; d < g; d++) {
                                    let y = m[d],
                                      C = e;
                                    if (e === C)
                                      if (y && typeof y == 'object' && !Array.isArray(y)) {
                                        let Q;
                                        if ((y.d === void 0 && (Q = 'd')) || (y.colour === void 0 && (Q = 'colour')))
                                          return (
                                            (v.errors = [
                                              {
                                                instancePath: r + '/layers/' + d,
                                                schemaPath: '#/oneOf/3/properties/layers/items/required',
                                                keyword: 'required',
                                                params: { missingProperty: Q },
                                                message: "must have required property '" + Q + "'",
                                              },
                                            ]),
                                            !1
                                          );
                                        {
                                          let K = e;
                                          for (let $ in y)
                                            if (!(
                                              $ === 'd' ||
                                              $ === 'colour' ||
                                              $ === 'shade' ||
                                              $ === 'strength' ||
                                              $ === 'fade'
                                            )) {
                                              return (
                                                (v.errors = [
                                                  {
                                                    instancePath: r + '/layers/' + d,
                                                    schemaPath: '#/oneOf/3/properties/layers/items/additionalProperties',
                                                    keyword: 'additionalProperties',
                                                    params: { additionalProperty: $ },
                                                    message: 'must NOT have additional properties',
                                                  },
                                                ]),
                                                !1
                                              );
                                              break;
                                            }
                                          if (K === e) {
                                            if (y.d !== void 0) {
                                              let $ = y.d,
                                                L = e;
                                              if (e === L)
                                                if (typeof $ == 'string') {
                                                  if (fe($) > 1e5)
                                                    return (
                                                      (v.errors = [
                                                        {
                                                          instancePath: r + '/layers/' + d + '/d',
                                                          schemaPath: '#/oneOf/3/properties/layers/items/properties/d/maxLength',
                                                          keyword: 'maxLength',
                                                          params: { limit: 1e5 },
                                                          message: 'must NOT have more than 100000 characters',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                } else
                                                  return (
                                                    (v.errors = [
                                                      {
                                                        instancePath: r + '/layers/' + d + '/d',
                                                        schemaPath: '#/oneOf/3/properties/layers/items/properties/d/type',
                                                        keyword: 'type',
                                                        params: { type: 'string' },
                                                        message: 'must be string',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var Z = L === e;
                                            } else var Z = !0;
                                            if (Z) {
                                              if (y.colour !== void 0) {
                                                let $ = y.colour,
                                                  L = e;
                                                if (!(typeof $ == 'number' && !($ % 1) && !isNaN($) && isFinite($)))
                                                  return (
                                                    (v.errors = [
                                                      {
                                                        instancePath: r + '/layers/' + d + '/colour',
                                                        schemaPath: '#/oneOf/3/properties/layers/items/properties/colour/type',
                                                        keyword: 'type',
                                                        params: { type: 'integer' },
                                                        message: 'must be integer',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                                if (e === L && typeof $ == 'number' && isFinite($)) {
                                                  if ($ > 7 || isNaN($))
                                                    return (
                                                      (v.errors = [
                                                        {
                                                          instancePath: r + '/layers/' + d + '/colour',
                                                          schemaPath:
                                                            '#/oneOf/3/properties/layers/items/properties/colour/maximum',
                                                          keyword: 'maximum',
                                                          params: { comparison: '<=', limit: 7 },
                                                          message: 'must be <= 7',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  if ($ < 0 || isNaN($))
                                                    return (
                                                      (v.errors = [
                                                        {
                                                          instancePath: r + '/layers/' + d + '/colour',
                                                          schemaPath:
                                                            '#/oneOf/3/properties/layers/items/properties/colour/minimum',
                                                          keyword: 'minimum',
                                                          params: { comparison: '>=', limit: 0 },
                                                          message: 'must be >= 0',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                }
                                                var Z = L === e;
                                              } else var Z = !0;
                                              if (Z) {
                                                if (y.shade !== void 0) {
                                                  let $ = y.shade,
                                                    L = e;
                                                  if (e === L)
                                                    if (typeof $ == 'number' && isFinite($)) {
                                                      if ($ > 1 || isNaN($))
                                                        return (
                                                          (v.errors = [
                                                            {
                                                              instancePath: r + '/layers/' + d + '/shade',
                                                              schemaPath:
                                                                '#/oneOf/3/properties/layers/items/properties/shade/maximum',
                                                              keyword: 'maximum',
                                                              params: { comparison: '<=', limit: 1 },
                                                              message: 'must be <= 1',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                      if ($ < -1 || isNaN($))
                                                        return (
                                                          (v.errors = [
                                                            {
                                                              instancePath: r + '/layers/' + d + '/shade',
                                                              schemaPath:
                                                                '#/oneOf/3/properties/layers/items/properties/shade/minimum',
                                                              keyword: 'minimum',
                                                              params: { comparison: '>=', limit: -1 },
                                                              message: 'must be >= -1',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    } else
                                                      return (
                                                        (v.errors = [
                                                          {
                                                            instancePath: r + '/layers/' + d + '/shade',
                                                            schemaPath: '#/oneOf/3/properties/layers/items/properties/shade/type',
                                                            keyword: 'type',
                                                            params: { type: 'number' },
                                                            message: 'must be number',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  var Z = L === e;
                                                } else var Z = !0;
                                                if (Z) {
                                                  if (y.strength !== void 0) {
                                                    let $ = y.strength,
                                                      L = e;
                                                    if (e === L)
                                                      if (typeof $ == 'number' && isFinite($)) {
                                                        if ($ > 1 || isNaN($))
                                                          return (
                                                            (v.errors = [
                                                              {
                                                                instancePath: r + '/layers/' + d + '/strength',
                                                                schemaPath:
                                                                  '#/oneOf/3/properties/layers/items/properties/strength/maximum',
                                                                keyword: 'maximum',
                                                                params: { comparison: '<=', limit: 1 },
                                                                message: 'must be <= 1',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                        if ($ < 0 || isNaN($))
                                                          return (
                                                            (v.errors = [
                                                              {
                                                                instancePath: r + '/layers/' + d + '/strength',
                                                                schemaPath:
                                                                  '#/oneOf/3/properties/layers/items/properties/strength/minimum',
                                                                keyword: 'minimum',
                                                                params: { comparison: '>=', limit: 0 },
                                                                message: 'must be >= 0',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                      } else
                                                        return (
                                                          (v.errors = [
                                                            {
                                                              instancePath: r + '/layers/' + d + '/strength',
                                                              schemaPath:
                                                                '#/oneOf/3/properties/layers/items/properties/strength/type',
                                                              keyword: 'type',
                                                              params: { type: 'number' },
                                                              message: 'must be number',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    var Z = L === e;
                                                  } else var Z = !0;
                                                  if (Z)
                                                    if (y.fade !== void 0) {
                                                      let $ = y.fade,
                                                        L = e;
                                                      if (e === L)
                                                        if ($ && typeof $ == 'object' && !Array.isArray($)) {
                                                          let ae;
                                                          if (
                                                            ($.kind === void 0 && (ae = 'kind')) ||
                                                            ($.stops === void 0 && (ae = 'stops'))
                                                          )
                                                            return (
                                                              (v.errors = [
                                                                {
                                                                  instancePath: r + '/layers/' + d + '/fade',
                                                                  schemaPath:
                                                                    '#/oneOf/3/properties/layers/items/properties/fade/required',
                                                                  keyword: 'required',
                                                                  params: { missingProperty: ae },
                                                                  message: "must have required property '" + ae + "'",
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                          {
                                                            let U = e;
                                                            for (let B in $)
                                                              if (!(B === 'kind' || B === 'angle' || B === 'stops')) {
                                                                return (
                                                                  (v.errors = [
                                                                    {
                                                                      instancePath: r + '/layers/' + d + '/fade',
                                                                      schemaPath:
                                                                        '#/oneOf/3/properties/layers/items/properties/fade/additionalProperties',
                                                                      keyword: 'additionalProperties',
                                                                      params: { additionalProperty: B },
                                                                      message: 'must NOT have additional properties',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                                break;
                                                              }
                                                            if (U === e) {
                                                              if ($.kind !== void 0) {
                                                                let B = $.kind,
                                                                  be = e;
                                                                if (!(B === 'linear' || B === 'radial'))
                                                                  return (
                                                                    (v.errors = [
                                                                      {
                                                                        instancePath: r + '/layers/' + d + '/fade/kind',
                                                                        schemaPath:
                                                                          '#/oneOf/3/properties/layers/items/properties/fade/properties/kind/enum',
                                                                        keyword: 'enum',
                                                                        params: {
                                                                          allowedValues:
                                                                            we.oneOf[3].properties.layers.items.properties.fade
                                                                              .properties.kind.enum,
                                                                        },
                                                                        message: 'must be equal to one of the allowed values',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                                var z = be === e;
                                                              } else var z = !0;
                                                              if (z) {
                                                                if ($.angle !== void 0) {
                                                                  let B = $.angle,
                                                                    be = e;
                                                                  if (!(typeof B == 'number' && isFinite(B)))
                                                                    return (
                                                                      (v.errors = [
                                                                        {
                                                                          instancePath: r + '/layers/' + d + '/fade/angle',
                                                                          schemaPath:
                                                                            '#/oneOf/3/properties/layers/items/properties/fade/properties/angle/type',
                                                                          keyword: 'type',
                                                                          params: { type: 'number' },
                                                                          message: 'must be number',
                                                                        },
                                                                      ]),
                                                                      !1
                                                                    );
                                                                  var z = be === e;
                                                                } else var z = !0;
                                                                if (z)
                                                                  if ($.stops !== void 0) {
                                                                    let B = $.stops,
                                                                      be = e;
                                                                    if (e === be)
                                                                      if (Array.isArray(B)) {
                                                                        if (B.length > 16)
                                                                          return (
                                                                            (v.errors = [
                                                                              {
                                                                                instancePath: r + '/layers/' + d + '/fade/stops',
                                                                                schemaPath:
                                                                                  '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/maxItems',
                                                                                keyword: 'maxItems',
                                                                                params: { limit: 16 },
                                                                                message: 'must NOT have more than 16 items',
                                                                              },
                                                                            ]),
                                                                            !1
                                                                          );
                                                                        if (B.length < 2)
                                                                          return (
                                                                            (v.errors = [
                                                                              {
                                                                                instancePath: r + '/layers/' + d + '/fade/stops',
                                                                                schemaPath:
                                                                                  '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/minItems',
                                                                                keyword: 'minItems',
                                                                                params: { limit: 2 },
                                                                                message: 'must NOT have fewer than 2 items',
                                                                              },
                                                                            ]),
                                                                            !1
                                                                          );
                                                                        {
                                                                          var b = !0;
                                                                          let ge = B.length;
                                                                          for (let de = 0; de < ge; de++) {
                                                                            let ye = B[de],
                                                                              ve = e;
                                                                            if (e === ve)
                                                                              if (
                                                                                ye &&
                                                                                typeof ye == 'object' &&
                                                                                !Array.isArray(ye)
                                                                              ) {
                                                                                let Pe;
                                                                                if (
                                                                                  (ye.at === void 0 && (Pe = 'at')) ||
                                                                                  (ye.strength === void 0 && (Pe = 'strength'))
                                                                                )
                                                                                  return (
                                                                                    (v.errors = [
                                                                                      {
                                                                                        instancePath:
                                                                                          r +
                                                                                          '/layers/' +
                                                                                          d +
                                                                                          '/fade/stops/' +
                                                                                          de,
                                                                                        schemaPath:
                                                                                          '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/required',
                                                                                        keyword: 'required',
                                                                                        params: { missingProperty: Pe },
                                                                                        message:
                                                                                          "must have required property '" +
                                                                                          Pe +
                                                                                          "'",
                                                                                      },
                                                                                    ]),
                                                                                    !1
                                                                                  );
                                                                                {
                                                                                  let Me = e;
                                                                                  for (let ne in ye)
                                                                                    if (!(ne === 'at' || ne === 'strength')) {
                                                                                      return (
                                                                                        (v.errors = [
                                                                                          {
                                                                                            instancePath:
                                                                                              r +
                                                                                              '/layers/' +
                                                                                              d +
                                                                                              '/fade/stops/' +
                                                                                              de,
                                                                                            schemaPath:
                                                                                              '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/additionalProperties',
                                                                                            keyword: 'additionalProperties',
                                                                                            params: { additionalProperty: ne },
                                                                                            message:
                                                                                              'must NOT have additional properties',
                                                                                          },
                                                                                        ]),
                                                                                        !1
                                                                                      );
                                                                                      break;
                                                                                    }
                                                                                  if (Me === e) {
                                                                                    if (ye.at !== void 0) {
                                                                                      let ne = ye.at,
                                                                                        ke = e;
                                                                                      if (e === ke)
                                                                                        if (
                                                                                          typeof ne == 'number' &&
                                                                                          isFinite(ne)
                                                                                        ) {
                                                                                          if (ne > 1 || isNaN(ne))
                                                                                            return (
                                                                                              (v.errors = [
                                                                                                {
                                                                                                  instancePath:
                                                                                                    r +
                                                                                                    '/layers/' +
                                                                                                    d +
                                                                                                    '/fade/stops/' +
                                                                                                    de +
                                                                                                    '/at',
                                                                                                  schemaPath:
                                                                                                    '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/properties/at/maximum',
                                                                                                  keyword: 'maximum',
                                                                                                  params: {
                                                                                                    comparison: '<=',
                                                                                                    limit: 1,
                                                                                                  },
                                                                                                  message: 'must be <= 1',
                                                                                                },
                                                                                              ]),
                                                                                              !1
                                                                                            );
                                                                                          if (ne < 0 || isNaN(ne))
                                                                                            return (
                                                                                              (v.errors = [
                                                                                                {
                                                                                                  instancePath:
                                                                                                    r +
                                                                                                    '/layers/' +
                                                                                                    d +
                                                                                                    '/fade/stops/' +
                                                                                                    de +
                                                                                                    '/at',
                                                                                                  schemaPath:
                                                                                                    '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/properties/at/minimum',
                                                                                                  keyword: 'minimum',
                                                                                                  params: {
                                                                                                    comparison: '>=',
                                                                                                    limit: 0,
                                                                                                  },
                                                                                                  message: 'must be >= 0',
                                                                                                },
                                                                                              ]),
                                                                                              !1
                                                                                            );
                                                                                        } else
                                                                                          return (
                                                                                            (v.errors = [
                                                                                              {
                                                                                                instancePath:
                                                                                                  r +
                                                                                                  '/layers/' +
                                                                                                  d +
                                                                                                  '/fade/stops/' +
                                                                                                  de +
                                                                                                  '/at',
                                                                                                schemaPath:
                                                                                                  '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/properties/at/type',
                                                                                                keyword: 'type',
                                                                                                params: { type: 'number' },
                                                                                                message: 'must be number',
                                                                                              },
                                                                                            ]),
                                                                                            !1
                                                                                          );
                                                                                      var n = ke === e;
                                                                                    } else var n = !0;
                                                                                    if (n)
                                                                                      if (ye.strength !== void 0) {
                                                                                        let ne = ye.strength,
                                                                                          ke = e;
                                                                                        if (e === ke)
                                                                                          if (
                                                                                            typeof ne == 'number' &&
                                                                                            isFinite(ne)
                                                                                          ) {
                                                                                            if (ne > 1 || isNaN(ne))
                                                                                              return (
                                                                                                (v.errors = [
                                                                                                  {
                                                                                                    instancePath:
                                                                                                      r +
                                                                                                      '/layers/' +
                                                                                                      d +
                                                                                                      '/fade/stops/' +
                                                                                                      de +
                                                                                                      '/strength',
                                                                                                    schemaPath:
                                                                                                      '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/properties/strength/maximum',
                                                                                                    keyword: 'maximum',
                                                                                                    params: {
                                                                                                      comparison: '<=',
                                                                                                      limit: 1,
                                                                                                    },
                                                                                                    message: 'must be <= 1',
                                                                                                  },
                                                                                                ]),
                                                                                                !1
                                                                                              );
                                                                                            if (ne < 0 || isNaN(ne))
                                                                                              return (
                                                                                                (v.errors = [
                                                                                                  {
                                                                                                    instancePath:
                                                                                                      r +
                                                                                                      '/layers/' +
                                                                                                      d +
                                                                                                      '/fade/stops/' +
                                                                                                      de +
                                                                                                      '/strength',
                                                                                                    schemaPath:
                                                                                                      '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/properties/strength/minimum',
                                                                                                    keyword: 'minimum',
                                                                                                    params: {
                                                                                                      comparison: '>=',
                                                                                                      limit: 0,
                                                                                                    },
                                                                                                    message: 'must be >= 0',
                                                                                                  },
                                                                                                ]),
                                                                                                !1
                                                                                              );
                                                                                          } else
                                                                                            return (
                                                                                              (v.errors = [
                                                                                                {
                                                                                                  instancePath:
                                                                                                    r +
                                                                                                    '/layers/' +
                                                                                                    d +
                                                                                                    '/fade/stops/' +
                                                                                                    de +
                                                                                                    '/strength',
                                                                                                  schemaPath:
                                                                                                    '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/properties/strength/type',
                                                                                                  keyword: 'type',
                                                                                                  params: { type: 'number' },
                                                                                                  message: 'must be number',
                                                                                                },
                                                                                              ]),
                                                                                              !1
                                                                                            );
                                                                                        var n = ke === e;
                                                                                      } else var n = !0;
                                                                                  }
                                                                                }
                                                                              } else
                                                                                return (
                                                                                  (v.errors = [
                                                                                    {
                                                                                      instancePath:
                                                                                        r + '/layers/' + d + '/fade/stops/' + de,
                                                                                      schemaPath:
                                                                                        '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/items/type',
                                                                                      keyword: 'type',
                                                                                      params: { type: 'object' },
                                                                                      message: 'must be object',
                                                                                    },
                                                                                  ]),
                                                                                  !1
                                                                                );
                                                                            var b = ve === e;
                                                                            if (!b) break;
                                                                          }
                                                                        }
                                                                      } else
                                                                        return (
                                                                          (v.errors = [
                                                                            {
                                                                              instancePath: r + '/layers/' + d + '/fade/stops',
                                                                              schemaPath:
                                                                                '#/oneOf/3/properties/layers/items/properties/fade/properties/stops/type',
                                                                              keyword: 'type',
                                                                              params: { type: 'array' },
                                                                              message: 'must be array',
                                                                            },
                                                                          ]),
                                                                          !1
                                                                        );
                                                                    var z = be === e;
                                                                  } else var z = !0;
                                                              }
                                                            }
                                                          }
                                                        } else
                                                          return (
                                                            (v.errors = [
                                                              {
                                                                instancePath: r + '/layers/' + d + '/fade',
                                                                schemaPath:
                                                                  '#/oneOf/3/properties/layers/items/properties/fade/type',
                                                                keyword: 'type',
                                                                params: { type: 'object' },
                                                                message: 'must be object',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                      var Z = L === e;
                                                    } else var Z = !0;
                                                }
                                              }
                                            }
                                          }
                                        }
                                      } else
                                        return (
                                          (v.errors = [
                                            {
                                              instancePath: r + '/layers/' + d,
                                              schemaPath: '#/oneOf/3/properties/layers/items/type',
                                              keyword: 'type',
                                              params: { type: 'object' },
                                              message: 'must be object',
                                            },
                                          ]),
                                          !1
                                        );
                                    var F = C === e;
                                    if (!F) break;
                                  }
                                }
                              } else
                                return (
                                  (v.errors = [
                                    {
                                      instancePath: r + '/layers',
                                      schemaPath: '#/oneOf/3/properties/layers/type',
                                      keyword: 'type',
                                      params: { type: 'array' },
                                      message: 'must be array',
                                    },
                                  ]),
                                  !1
                                );
                            var E = I === e;
                          } else var E = !0;
                      }
                    }
                  }
                } else
                  return (
                    (v.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/3/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              i !== !0 && (i = !0);
            } else if (O === 'photo') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let h;
                  if (
                    (s.type === void 0 && (h = 'type')) ||
                    (s.photoId === void 0 && (h = 'photoId')) ||
                    (s.placement === void 0 && (h = 'placement'))
                  )
                    return (
                      (v.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/4/required',
                          keyword: 'required',
                          params: { missingProperty: h },
                          message: "must have required property '" + h + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let t = e;
                    for (let m in s)
                      if (!xe.call(we.oneOf[4].properties, m)) {
                        return (
                          (v.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/4/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: m },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (t === e) {
                      if (s.type !== void 0) {
                        let m = e;
                        if (s.type !== 'photo')
                          return (
                            (v.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/4/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'photo' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var u = m === e;
                      } else var u = !0;
                      if (u) {
                        if (s.photoId !== void 0) {
                          let m = s.photoId,
                            I = e;
                          if (e === e)
                            if (typeof m == 'string') {
                              if (!pe.test(m))
                                return (
                                  (v.errors = [
                                    {
                                      instancePath: r + '/photoId',
                                      schemaPath: '#/$defs/id/pattern',
                                      keyword: 'pattern',
                                      params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                      message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (v.errors = [
                                  {
                                    instancePath: r + '/photoId',
                                    schemaPath: '#/$defs/id/type',
                                    keyword: 'type',
                                    params: { type: 'string' },
                                    message: 'must be string',
                                  },
                                ]),
                                !1
                              );
                          var u = I === e;
                        } else var u = !0;
                        if (u) {
                          if (s.placement !== void 0) {
                            let m = s.placement,
                              I = e,
                              f = e,
                              g = !1,
                              d = null,
                              y = e;
                            if (e === e)
                              if (m && typeof m == 'object' && !Array.isArray(m)) {
                                let $;
                                if (
                                  (m.x === void 0 && ($ = 'x')) ||
                                  (m.y === void 0 && ($ = 'y')) ||
                                  (m.scale === void 0 && ($ = 'scale')) ||
                                  (m.turn === void 0 && ($ = 'turn')) ||
                                  (m.flipX === void 0 && ($ = 'flipX')) ||
                                  (m.flipY === void 0 && ($ = 'flipY'))
                                ) {
                                  let L = {
                                    instancePath: r + '/placement',
                                    schemaPath: '#/$defs/placement/required',
                                    keyword: 'required',
                                    params: { missingProperty: $ },
                                    message: "must have required property '" + $ + "'",
                                  };
                                  (l === null ? (l = [L]) : l.push(L), e++);
                                } else {
                                  let L = e;
                                  for (let S in m)
                                    if (!(
                                      S === 'x' ||
                                      S === 'y' ||
                                      S === 'scale' ||
                                      S === 'turn' ||
                                      S === 'flipX' ||
                                      S === 'flipY'
                                    )) {
                                      let ae = {
                                        instancePath: r + '/placement',
                                        schemaPath: '#/$defs/placement/additionalProperties',
                                        keyword: 'additionalProperties',
                                        params: { additionalProperty: S },
                                        message: 'must NOT have additional properties',
                                      };
                                      (l === null ? (l = [ae]) : l.push(ae), e++);
                                      break;
                                    }
                                  if (L === e) {
                                    if (m.x !== void 0) {
                                      let S = m.x,
                                        ae = e;
                                      if (e === ae)
                                        if (typeof S == 'number' && isFinite(S)) {
                                          if (S > 1e6 || isNaN(S)) {
                                            let U = {
                                              instancePath: r + '/placement/x',
                                              schemaPath: '#/$defs/placement/properties/x/maximum',
                                              keyword: 'maximum',
                                              params: { comparison: '<=', limit: 1e6 },
                                              message: 'must be <= 1000000',
                                            };
                                            (l === null ? (l = [U]) : l.push(U), e++);
                                          } else if (S < -1e6 || isNaN(S)) {
                                            let U = {
                                              instancePath: r + '/placement/x',
                                              schemaPath: '#/$defs/placement/properties/x/minimum',
                                              keyword: 'minimum',
                                              params: { comparison: '>=', limit: -1e6 },
                                              message: 'must be >= -1000000',
                                            };
                                            (l === null ? (l = [U]) : l.push(U), e++);
                                          }
                                        } else {
                                          let U = {
                                            instancePath: r + '/placement/x',
                                            schemaPath: '#/$defs/placement/properties/x/type',
                                            keyword: 'type',
                                            params: { type: 'number' },
                                            message: 'must be number',
                                          };
                                          (l === null ? (l = [U]) : l.push(U), e++);
                                        }
                                      var _ = ae === e;
                                    } else var _ = !0;
                                    if (_) {
                                      if (m.y !== void 0) {
                                        let S = m.y,
                                          ae = e;
                                        if (e === ae)
                                          if (typeof S == 'number' && isFinite(S)) {
                                            if (S > 1e6 || isNaN(S)) {
                                              let B = {
                                                instancePath: r + '/placement/y',
                                                schemaPath: '#/$defs/placement/properties/y/maximum',
                                                keyword: 'maximum',
                                                params: { comparison: '<=', limit: 1e6 },
                                                message: 'must be <= 1000000',
                                              };
                                              (l === null ? (l = [B]) : l.push(B), e++);
                                            } else if (S < -1e6 || isNaN(S)) {
                                              let B = {
                                                instancePath: r + '/placement/y',
                                                schemaPath: '#/$defs/placement/properties/y/minimum',
                                                keyword: 'minimum',
                                                params: { comparison: '>=', limit: -1e6 },
                                                message: 'must be >= -1000000',
                                              };
                                              (l === null ? (l = [B]) : l.push(B), e++);
                                            }
                                          } else {
                                            let B = {
                                              instancePath: r + '/placement/y',
                                              schemaPath: '#/$defs/placement/properties/y/type',
                                              keyword: 'type',
                                              params: { type: 'number' },
                                              message: 'must be number',
                                            };
                                            (l === null ? (l = [B]) : l.push(B), e++);
                                          }
                                        var _ = ae === e;
                                      } else var _ = !0;
                                      if (_) {
                                        if (m.scale !== void 0) {
                                          let S = m.scale,
                                            ae = e;
                                          if (e === ae)
                                            if (typeof S == 'number' && isFinite(S)) {
                                              if (S > 1e4 || isNaN(S)) {
                                                let B = {
                                                  instancePath: r + '/placement/scale',
                                                  schemaPath: '#/$defs/placement/properties/scale/maximum',
                                                  keyword: 'maximum',
                                                  params: { comparison: '<=', limit: 1e4 },
                                                  message: 'must be <= 10000',
                                                };
                                                (l === null ? (l = [B]) : l.push(B), e++);
                                              } else if (S <= 0 || isNaN(S)) {
                                                let B = {
                                                  instancePath: r + '/placement/scale',
                                                  schemaPath: '#/$defs/placement/properties/scale/exclusiveMinimum',
                                                  keyword: 'exclusiveMinimum',
                                                  params: { comparison: '>', limit: 0 },
                                                  message: 'must be > 0',
                                                };
                                                (l === null ? (l = [B]) : l.push(B), e++);
                                              }
                                            } else {
                                              let B = {
                                                instancePath: r + '/placement/scale',
                                                schemaPath: '#/$defs/placement/properties/scale/type',
                                                keyword: 'type',
                                                params: { type: 'number' },
                                                message: 'must be number',
                                              };
                                              (l === null ? (l = [B]) : l.push(B), e++);
                                            }
                                          var _ = ae === e;
                                        } else var _ = !0;
                                        if (_) {
                                          if (m.turn !== void 0) {
                                            let S = m.turn,
                                              ae = e;
                                            if (!(typeof S == 'number' && isFinite(S))) {
                                              let B = {
                                                instancePath: r + '/placement/turn',
                                                schemaPath: '#/$defs/placement/properties/turn/type',
                                                keyword: 'type',
                                                params: { type: 'number' },
                                                message: 'must be number',
                                              };
                                              (l === null ? (l = [B]) : l.push(B), e++);
                                            }
                                            var _ = ae === e;
                                          } else var _ = !0;
                                          if (_) {
                                            if (m.flipX !== void 0) {
                                              let S = e;
                                              if (typeof m.flipX != 'boolean') {
                                                let U = {
                                                  instancePath: r + '/placement/flipX',
                                                  schemaPath: '#/$defs/placement/properties/flipX/type',
                                                  keyword: 'type',
                                                  params: { type: 'boolean' },
                                                  message: 'must be boolean',
                                                };
                                                (l === null ? (l = [U]) : l.push(U), e++);
                                              }
                                              var _ = S === e;
                                            } else var _ = !0;
                                            if (_)
                                              if (m.flipY !== void 0) {
                                                let S = e;
                                                if (typeof m.flipY != 'boolean') {
                                                  let U = {
                                                    instancePath: r + '/placement/flipY',
                                                    schemaPath: '#/$defs/placement/properties/flipY/type',
                                                    keyword: 'type',
                                                    params: { type: 'boolean' },
                                                    message: 'must be boolean',
                                                  };
                                                  (l === null ? (l = [U]) : l.push(U), e++);
                                                }
                                                var _ = S === e;
                                              } else var _ = !0;
                                          }
                                        }
                                      }
                                    }
                                  }
                                }
                              } else {
                                let $ = {
                                  instancePath: r + '/placement',
                                  schemaPath: '#/$defs/placement/type',
                                  keyword: 'type',
                                  params: { type: 'object' },
                                  message: 'must be object',
                                };
                                (l === null ? (l = [$]) : l.push($), e++);
                              }
                            var A = y === e;
                            A && ((g = !0), (d = 0));
                            let se = e;
                            if (e === e)
                              if (typeof m == 'string') {
                                if (!pe.test(m)) {
                                  let $ = {
                                    instancePath: r + '/placement',
                                    schemaPath: '#/$defs/id/pattern',
                                    keyword: 'pattern',
                                    params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                    message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                  };
                                  (l === null ? (l = [$]) : l.push($), e++);
                                }
                              } else {
                                let $ = {
                                  instancePath: r + '/placement',
                                  schemaPath: '#/$defs/id/type',
                                  keyword: 'type',
                                  params: { type: 'string' },
                                  message: 'must be string',
                                };
                                (l === null ? (l = [$]) : l.push($), e++);
                              }
                            var A = se === e;
                            if ((A && g ? ((g = !1), (d = [d, 1])) : A && ((g = !0), (d = 1)), g))
                              ((e = f), l !== null && (f ? (l.length = f) : (l = null)));
                            else {
                              let $ = {
                                instancePath: r + '/placement',
                                schemaPath: '#/oneOf/4/properties/placement/oneOf',
                                keyword: 'oneOf',
                                params: { passingSchemas: d },
                                message: 'must match exactly one schema in oneOf',
                              };
                              return (l === null ? (l = [$]) : l.push($), e++, (v.errors = l), !1);
                            }
                            var u = I === e;
                          } else var u = !0;
                          if (u) {
                            if (s.fit !== void 0) {
                              let m = s.fit,
                                I = e;
                              if (!(m === 'fill' || m === 'whole' || m === 'subject' || m === 'own'))
                                return (
                                  (v.errors = [
                                    {
                                      instancePath: r + '/fit',
                                      schemaPath: '#/oneOf/4/properties/fit/enum',
                                      keyword: 'enum',
                                      params: { allowedValues: we.oneOf[4].properties.fit.enum },
                                      message: 'must be equal to one of the allowed values',
                                    },
                                  ]),
                                  !1
                                );
                              var u = I === e;
                            } else var u = !0;
                            if (u) {
                              if (s.keepCovered !== void 0) {
                                let m = e;
                                if (typeof s.keepCovered != 'boolean')
                                  return (
                                    (v.errors = [
                                      {
                                        instancePath: r + '/keepCovered',
                                        schemaPath: '#/oneOf/4/properties/keepCovered/type',
                                        keyword: 'type',
                                        params: { type: 'boolean' },
                                        message: 'must be boolean',
                                      },
                                    ]),
                                    !1
                                  );
                                var u = m === e;
                              } else var u = !0;
                              if (u) {
                                if (s.cutout !== void 0) {
                                  let m = s.cutout,
                                    I = e;
                                  if (e === I)
                                    if (m && typeof m == 'object' && !Array.isArray(m)) {
                                      let g;
                                      if ((m.id === void 0 && (g = 'id')) || (m.revision === void 0 && (g = 'revision')))
                                        return (
                                          (v.errors = [
                                            {
                                              instancePath: r + '/cutout',
                                              schemaPath: '#/oneOf/4/properties/cutout/required',
                                              keyword: 'required',
                                              params: { missingProperty: g },
                                              message: "must have required property '" + g + "'",
                                            },
                                          ]),
                                          !1
                                        );
                                      {
                                        let d = e;
                                        for (let y in m)
                                          if (!(y === 'id' || y === 'revision')) {
                                            return (
                                              (v.errors = [
                                                {
                                                  instancePath: r + '/cutout',
                                                  schemaPath: '#/oneOf/4/properties/cutout/additionalProperties',
                                                  keyword: 'additionalProperties',
                                                  params: { additionalProperty: y },
                                                  message: 'must NOT have additional properties',
                                                },
                                              ]),
                                              !1
                                            );
                                            break;
                                          }
                                        if (d === e) {
                                          if (m.id !== void 0) {
                                            let y = m.id,
                                              C = e;
                                            if (e === e)
                                              if (typeof y == 'string') {
                                                if (!pe.test(y))
                                                  return (
                                                    (v.errors = [
                                                      {
                                                        instancePath: r + '/cutout/id',
                                                        schemaPath: '#/$defs/id/pattern',
                                                        keyword: 'pattern',
                                                        params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                                        message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              } else
                                                return (
                                                  (v.errors = [
                                                    {
                                                      instancePath: r + '/cutout/id',
                                                      schemaPath: '#/$defs/id/type',
                                                      keyword: 'type',
                                                      params: { type: 'string' },
                                                      message: 'must be string',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var w = C === e;
                                          } else var w = !0;
                                          if (w)
                                            if (m.revision !== void 0) {
                                              let y = m.revision,
                                                C = e;
                                              if (!(typeof y == 'number' && !(y % 1) && !isNaN(y) && isFinite(y)))
                                                return (
                                                  (v.errors = [
                                                    {
                                                      instancePath: r + '/cutout/revision',
                                                      schemaPath: '#/oneOf/4/properties/cutout/properties/revision/type',
                                                      keyword: 'type',
                                                      params: { type: 'integer' },
                                                      message: 'must be integer',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              if (e === C && typeof y == 'number' && isFinite(y) && (y < 0 || isNaN(y)))
                                                return (
                                                  (v.errors = [
                                                    {
                                                      instancePath: r + '/cutout/revision',
                                                      schemaPath: '#/oneOf/4/properties/cutout/properties/revision/minimum',
                                                      keyword: 'minimum',
                                                      params: { comparison: '>=', limit: 0 },
                                                      message: 'must be >= 0',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              var w = C === e;
                                            } else var w = !0;
                                        }
                                      }
                                    } else
                                      return (
                                        (v.errors = [
                                          {
                                            instancePath: r + '/cutout',
                                            schemaPath: '#/oneOf/4/properties/cutout/type',
                                            keyword: 'type',
                                            params: { type: 'object' },
                                            message: 'must be object',
                                          },
                                        ]),
                                        !1
                                      );
                                  var u = I === e;
                                } else var u = !0;
                                if (u) {
                                  if (s.show !== void 0) {
                                    let m = s.show,
                                      I = e;
                                    if (!(m === 'photo' || m === 'subject'))
                                      return (
                                        (v.errors = [
                                          {
                                            instancePath: r + '/show',
                                            schemaPath: '#/oneOf/4/properties/show/enum',
                                            keyword: 'enum',
                                            params: { allowedValues: we.oneOf[4].properties.show.enum },
                                            message: 'must be equal to one of the allowed values',
                                          },
                                        ]),
                                        !1
                                      );
                                    var u = I === e;
                                  } else var u = !0;
                                  if (u) {
                                    if (s.tone !== void 0) {
                                      let m = s.tone,
                                        I = e;
                                      if (e === e)
                                        if (m && typeof m == 'object' && !Array.isArray(m)) {
                                          let d = e;
                                          for (let y in m)
                                            if (!(
                                              y === 'curve' ||
                                              y === 'brightness' ||
                                              y === 'contrast' ||
                                              y === 'saturation' ||
                                              y === 'warmth' ||
                                              y === 'tint'
                                            )) {
                                              return (
                                                (v.errors = [
                                                  {
                                                    instancePath: r + '/tone',
                                                    schemaPath: '#/$defs/tone/additionalProperties',
                                                    keyword: 'additionalProperties',
                                                    params: { additionalProperty: y },
                                                    message: 'must NOT have additional properties',
                                                  },
                                                ]),
                                                !1
                                              );
                                              break;
                                            }
                                          if (d === e) {
                                            if (m.curve !== void 0) {
                                              let y = m.curve,
                                                C = e;
                                              if (e === C)
                                                if (Array.isArray(y)) {
                                                  if (y.length > 64)
                                                    return (
                                                      (v.errors = [
                                                        {
                                                          instancePath: r + '/tone/curve',
                                                          schemaPath: '#/$defs/tone/properties/curve/maxItems',
                                                          keyword: 'maxItems',
                                                          params: { limit: 64 },
                                                          message: 'must NOT have more than 64 items',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  {
                                                    var j = !0;
                                                    let se = y.length;
                                                    for (let Q = 0; Q < se; Q++) {
                                                      let K = y[Q],
                                                        $ = e;
                                                      if (e === $)
                                                        if (K && typeof K == 'object' && !Array.isArray(K)) {
                                                          let S;
                                                          if ((K.x === void 0 && (S = 'x')) || (K.y === void 0 && (S = 'y')))
                                                            return (
                                                              (v.errors = [
                                                                {
                                                                  instancePath: r + '/tone/curve/' + Q,
                                                                  schemaPath: '#/$defs/tone/properties/curve/items/required',
                                                                  keyword: 'required',
                                                                  params: { missingProperty: S },
                                                                  message: "must have required property '" + S + "'",
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                          {
                                                            let ae = e;
                                                            for (let U in K)
                                                              if (!(U === 'x' || U === 'y')) {
                                                                return (
                                                                  (v.errors = [
                                                                    {
                                                                      instancePath: r + '/tone/curve/' + Q,
                                                                      schemaPath:
                                                                        '#/$defs/tone/properties/curve/items/additionalProperties',
                                                                      keyword: 'additionalProperties',
                                                                      params: { additionalProperty: U },
                                                                      message: 'must NOT have additional properties',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                                break;
                                                              }
                                                            if (ae === e) {
                                                              if (K.x !== void 0) {
                                                                let U = K.x,
                                                                  B = e;
                                                                if (e === B)
                                                                  if (typeof U == 'number' && isFinite(U)) {
                                                                    if (U > 1 || isNaN(U))
                                                                      return (
                                                                        (v.errors = [
                                                                          {
                                                                            instancePath: r + '/tone/curve/' + Q + '/x',
                                                                            schemaPath:
                                                                              '#/$defs/tone/properties/curve/items/properties/x/maximum',
                                                                            keyword: 'maximum',
                                                                            params: { comparison: '<=', limit: 1 },
                                                                            message: 'must be <= 1',
                                                                          },
                                                                        ]),
                                                                        !1
                                                                      );
                                                                    if (U < 0 || isNaN(U))
                                                                      return (
                                                                        (v.errors = [
                                                                          {
                                                                            instancePath: r + '/tone/curve/' + Q + '/x',
                                                                            schemaPath:
                                                                              '#/$defs/tone/properties/curve/items/properties/x/minimum',
                                                                            keyword: 'minimum',
                                                                            params: { comparison: '>=', limit: 0 },
                                                                            message: 'must be >= 0',
                                                                          },
                                                                        ]),
                                                                        !1
                                                                      );
                                                                  } else
                                                                    return (
                                                                      (v.errors = [
                                                                        {
                                                                          instancePath: r + '/tone/curve/' + Q + '/x',
                                                                          schemaPath:
                                                                            '#/$defs/tone/properties/curve/items/properties/x/type',
                                                                          keyword: 'type',
                                                                          params: { type: 'number' },
                                                                          message: 'must be number',
                                                                        },
                                                                      ]),
                                                                      !1
                                                                    );
                                                                var p = B === e;
                                                              } else var p = !0;
                                                              if (p)
                                                                if (K.y !== void 0) {
                                                                  let U = K.y,
                                                                    B = e;
                                                                  if (e === B)
                                                                    if (typeof U == 'number' && isFinite(U)) {
                                                                      if (U > 1 || isNaN(U))
                                                                        return (
                                                                          (v.errors = [
                                                                            {
                                                                              instancePath: r + '/tone/curve/' + Q + '/y',
                                                                              schemaPath:
                                                                                '#/$defs/tone/properties/curve/items/properties/y/maximum',
                                                                              keyword: 'maximum',
                                                                              params: { comparison: '<=', limit: 1 },
                                                                              message: 'must be <= 1',
                                                                            },
                                                                          ]),
                                                                          !1
                                                                        );
                                                                      if (U < 0 || isNaN(U))
                                                                        return (
                                                                          (v.errors = [
                                                                            {
                                                                              instancePath: r + '/tone/curve/' + Q + '/y',
                                                                              schemaPath:
                                                                                '#/$defs/tone/properties/curve/items/properties/y/minimum',
                                                                              keyword: 'minimum',
                                                                              params: { comparison: '>=', limit: 0 },
                                                                              message: 'must be >= 0',
                                                                            },
                                                                          ]),
                                                                          !1
                                                                        );
                                                                    } else
                                                                      return (
                                                                        (v.errors = [
                                                                          {
                                                                            instancePath: r + '/tone/curve/' + Q + '/y',
                                                                            schemaPath:
                                                                              '#/$defs/tone/properties/curve/items/properties/y/type',
                                                                            keyword: 'type',
                                                                            params: { type: 'number' },
                                                                            message: 'must be number',
                                                                          },
                                                                        ]),
                                                                        !1
                                                                      );
                                                                  var p = B === e;
                                                                } else var p = !0;
                                                            }
                                                          }
                                                        } else
                                                          return (
                                                            (v.errors = [
                                                              {
                                                                instancePath: r + '/tone/curve/' + Q,
                                                                schemaPath: '#/$defs/tone/properties/curve/items/type',
                                                                keyword: 'type',
                                                                params: { type: 'object' },
                                                                message: 'must be object',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                      var j = $ === e;
                                                      if (!j) break;
                                                    }
                                                  }
                                                } else
                                                  return (
                                                    (v.errors = [
                                                      {
                                                        instancePath: r + '/tone/curve',
                                                        schemaPath: '#/$defs/tone/properties/curve/type',
                                                        keyword: 'type',
                                                        params: { type: 'array' },
                                                        message: 'must be array',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var x = C === e;
                                            } else var x = !0;
                                            if (x) {
                                              if (m.brightness !== void 0) {
                                                let y = m.brightness,
                                                  C = e;
                                                if (e === C)
                                                  if (typeof y == 'number' && isFinite(y)) {
                                                    if (y > 1 || isNaN(y))
                                                      return (
                                                        (v.errors = [
                                                          {
                                                            instancePath: r + '/tone/brightness',
                                                            schemaPath: '#/$defs/tone/properties/brightness/maximum',
                                                            keyword: 'maximum',
                                                            params: { comparison: '<=', limit: 1 },
                                                            message: 'must be <= 1',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                    if (y < -1 || isNaN(y))
                                                      return (
                                                        (v.errors = [
                                                          {
                                                            instancePath: r + '/tone/brightness',
                                                            schemaPath: '#/$defs/tone/properties/brightness/minimum',
                                                            keyword: 'minimum',
                                                            params: { comparison: '>=', limit: -1 },
                                                            message: 'must be >= -1',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  } else
                                                    return (
                                                      (v.errors = [
                                                        {
                                                          instancePath: r + '/tone/brightness',
                                                          schemaPath: '#/$defs/tone/properties/brightness/type',
                                                          keyword: 'type',
                                                          params: { type: 'number' },
                                                          message: 'must be number',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                var x = C === e;
                                              } else var x = !0;
                                              if (x) {
                                                if (m.contrast !== void 0) {
                                                  let y = m.contrast,
                                                    C = e;
                                                  if (e === C)
                                                    if (typeof y == 'number' && isFinite(y)) {
                                                      if (y > 1 || isNaN(y))
                                                        return (
                                                          (v.errors = [
                                                            {
                                                              instancePath: r + '/tone/contrast',
                                                              schemaPath: '#/$defs/tone/properties/contrast/maximum',
                                                              keyword: 'maximum',
                                                              params: { comparison: '<=', limit: 1 },
                                                              message: 'must be <= 1',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                      if (y < -1 || isNaN(y))
                                                        return (
                                                          (v.errors = [
                                                            {
                                                              instancePath: r + '/tone/contrast',
                                                              schemaPath: '#/$defs/tone/properties/contrast/minimum',
                                                              keyword: 'minimum',
                                                              params: { comparison: '>=', limit: -1 },
                                                              message: 'must be >= -1',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    } else
                                                      return (
                                                        (v.errors = [
                                                          {
                                                            instancePath: r + '/tone/contrast',
                                                            schemaPath: '#/$defs/tone/properties/contrast/type',
                                                            keyword: 'type',
                                                            params: { type: 'number' },
                                                            message: 'must be number',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  var x = C === e;
                                                } else var x = !0;
                                                if (x) {
                                                  if (m.saturation !== void 0) {
                                                    let y = m.saturation,
                                                      C = e;
                                                    if (e === C)
                                                      if (typeof y == 'number' && isFinite(y)) {
                                                        if (y > 1 || isNaN(y))
                                                          return (
                                                            (v.errors = [
                                                              {
                                                                instancePath: r + '/tone/saturation',
                                                                schemaPath: '#/$defs/tone/properties/saturation/maximum',
                                                                keyword: 'maximum',
                                                                params: { comparison: '<=', limit: 1 },
                                                                message: 'must be <= 1',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                        if (y < -1 || isNaN(y))
                                                          return (
                                                            (v.errors = [
                                                              {
                                                                instancePath: r + '/tone/saturation',
                                                                schemaPath: '#/$defs/tone/properties/saturation/minimum',
                                                                keyword: 'minimum',
                                                                params: { comparison: '>=', limit: -1 },
                                                                message: 'must be >= -1',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                      } else
                                                        return (
                                                          (v.errors = [
                                                            {
                                                              instancePath: r + '/tone/saturation',
                                                              schemaPath: '#/$defs/tone/properties/saturation/type',
                                                              keyword: 'type',
                                                              params: { type: 'number' },
                                                              message: 'must be number',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    var x = C === e;
                                                  } else var x = !0;
                                                  if (x) {
                                                    if (m.warmth !== void 0) {
                                                      let y = m.warmth,
                                                        C = e;
                                                      if (e === C)
                                                        if (typeof y == 'number' && isFinite(y)) {
                                                          if (y > 1 || isNaN(y))
                                                            return (
                                                              (v.errors = [
                                                                {
                                                                  instancePath: r + '/tone/warmth',
                                                                  schemaPath: '#/$defs/tone/properties/warmth/maximum',
                                                                  keyword: 'maximum',
                                                                  params: { comparison: '<=', limit: 1 },
                                                                  message: 'must be <= 1',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                          if (y < -1 || isNaN(y))
                                                            return (
                                                              (v.errors = [
                                                                {
                                                                  instancePath: r + '/tone/warmth',
                                                                  schemaPath: '#/$defs/tone/properties/warmth/minimum',
                                                                  keyword: 'minimum',
                                                                  params: { comparison: '>=', limit: -1 },
                                                                  message: 'must be >= -1',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        } else
                                                          return (
                                                            (v.errors = [
                                                              {
                                                                instancePath: r + '/tone/warmth',
                                                                schemaPath: '#/$defs/tone/properties/warmth/type',
                                                                keyword: 'type',
                                                                params: { type: 'number' },
                                                                message: 'must be number',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                      var x = C === e;
                                                    } else var x = !0;
                                                    if (x)
                                                      if (m.tint !== void 0) {
                                                        let y = m.tint,
                                                          C = e;
                                                        if (e === C)
                                                          if (typeof y == 'number' && isFinite(y)) {
                                                            if (y > 1 || isNaN(y))
                                                              return (
                                                                (v.errors = [
                                                                  {
                                                                    instancePath: r + '/tone/tint',
                                                                    schemaPath: '#/$defs/tone/properties/tint/maximum',
                                                                    keyword: 'maximum',
                                                                    params: { comparison: '<=', limit: 1 },
                                                                    message: 'must be <= 1',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                            if (y < -1 || isNaN(y))
                                                              return (
                                                                (v.errors = [
                                                                  {
                                                                    instancePath: r + '/tone/tint',
                                                                    schemaPath: '#/$defs/tone/properties/tint/minimum',
                                                                    keyword: 'minimum',
                                                                    params: { comparison: '>=', limit: -1 },
                                                                    message: 'must be >= -1',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                          } else
                                                            return (
                                                              (v.errors = [
                                                                {
                                                                  instancePath: r + '/tone/tint',
                                                                  schemaPath: '#/$defs/tone/properties/tint/type',
                                                                  keyword: 'type',
                                                                  params: { type: 'number' },
                                                                  message: 'must be number',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        var x = C === e;
                                                      } else var x = !0;
                                                  }
                                                }
                                              }
                                            }
                                          }
                                        } else
                                          return (
                                            (v.errors = [
                                              {
                                                instancePath: r + '/tone',
                                                schemaPath: '#/$defs/tone/type',
                                                keyword: 'type',
                                                params: { type: 'object' },
                                                message: 'must be object',
                                              },
                                            ]),
                                            !1
                                          );
                                      var u = I === e;
                                    } else var u = !0;
                                    if (u) {
                                      if (s.blur !== void 0) {
                                        let m = s.blur,
                                          I = e;
                                        if (e === I)
                                          if (typeof m == 'number' && isFinite(m)) {
                                            if (m > 1e5 || isNaN(m))
                                              return (
                                                (v.errors = [
                                                  {
                                                    instancePath: r + '/blur',
                                                    schemaPath: '#/oneOf/4/properties/blur/maximum',
                                                    keyword: 'maximum',
                                                    params: { comparison: '<=', limit: 1e5 },
                                                    message: 'must be <= 100000',
                                                  },
                                                ]),
                                                !1
                                              );
                                            if (m < 0 || isNaN(m))
                                              return (
                                                (v.errors = [
                                                  {
                                                    instancePath: r + '/blur',
                                                    schemaPath: '#/oneOf/4/properties/blur/minimum',
                                                    keyword: 'minimum',
                                                    params: { comparison: '>=', limit: 0 },
                                                    message: 'must be >= 0',
                                                  },
                                                ]),
                                                !1
                                              );
                                          } else
                                            return (
                                              (v.errors = [
                                                {
                                                  instancePath: r + '/blur',
                                                  schemaPath: '#/oneOf/4/properties/blur/type',
                                                  keyword: 'type',
                                                  params: { type: 'number' },
                                                  message: 'must be number',
                                                },
                                              ]),
                                              !1
                                            );
                                        var u = I === e;
                                      } else var u = !0;
                                      if (u) {
                                        if (s.effect !== void 0) {
                                          let m = e;
                                          le(s.effect, {
                                            instancePath: r + '/effect',
                                            parentData: s,
                                            parentDataProperty: 'effect',
                                            rootData: H,
                                            dynamicAnchors: ee,
                                          }) || ((l = l === null ? le.errors : l.concat(le.errors)), (e = l.length));
                                          var u = m === e;
                                        } else var u = !0;
                                        if (u)
                                          if (s.extend !== void 0) {
                                            let m = s.extend,
                                              I = e;
                                            if (e === e)
                                              if (typeof m == 'string') {
                                                if (!ce.test(m))
                                                  return (
                                                    (v.errors = [
                                                      {
                                                        instancePath: r + '/extend',
                                                        schemaPath: '#/$defs/colour/pattern',
                                                        keyword: 'pattern',
                                                        params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                                        message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              } else
                                                return (
                                                  (v.errors = [
                                                    {
                                                      instancePath: r + '/extend',
                                                      schemaPath: '#/$defs/colour/type',
                                                      keyword: 'type',
                                                      params: { type: 'string' },
                                                      message: 'must be string',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var u = I === e;
                                          } else var u = !0;
                                      }
                                    }
                                  }
                                }
                              }
                            }
                          }
                        }
                      }
                    }
                  }
                } else
                  return (
                    (v.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/4/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              i !== !0 && (i = !0);
            } else
              return (
                (v.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/discriminator',
                    keyword: 'discriminator',
                    params: { error: 'mapping', tag: 'type', tagValue: O },
                    message: 'value of tag "type" must be in oneOf',
                  },
                ]),
                !1
              );
          else
            return (
              (v.errors = [
                {
                  instancePath: r,
                  schemaPath: '#/discriminator',
                  keyword: 'discriminator',
                  params: { error: 'tag', tag: 'type', tagValue: O },
                  message: 'tag "type" must be string',
                },
              ]),
              !1
            );
        }
      } else
        return (
          (v.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((v.errors = l), (D.props = i), e === 0);
  }
  v.evaluated = { dynamicProps: !0, dynamicItems: !1 };
  var Te = {
    type: 'object',
    additionalProperties: !1,
    required: ['type', 'id', 'name', 'kind', 'outline', 'box', 'fill', 'finish'],
    properties: {
      type: { const: 'opening' },
      id: { $ref: '#/$defs/id' },
      name: { $ref: '#/$defs/name' },
      kind: { enum: ['shaped', 'loose', 'artwork'] },
      outline: { $ref: '#/$defs/outline' },
      box: { $ref: '#/$defs/box' },
      fill: { $ref: '#/$defs/fill' },
      finish: { $ref: '#/$defs/finish' },
      overhangs: { $ref: '#/$defs/overhangs' },
      slot: {
        type: 'object',
        additionalProperties: !1,
        required: ['hint', 'sample'],
        properties: { hint: { $ref: '#/$defs/name' }, sample: { type: 'boolean' } },
      },
      locked: { type: 'boolean' },
      hidden: { type: 'boolean' },
      word: {
        type: 'object',
        additionalProperties: !1,
        required: ['id', 'index', 'after'],
        properties: {
          id: { $ref: '#/$defs/id' },
          index: { type: 'integer', minimum: 0, maximum: 1e4 },
          after: { type: 'string', maxLength: 200 },
        },
      },
    },
  };
  var Ee = {
    type: 'object',
    discriminator: { propertyName: 'type' },
    required: ['type'],
    oneOf: [
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'radii'],
        properties: {
          type: { const: 'rectangle' },
          radii: { type: 'array', items: { type: 'number', minimum: 0, maximum: 1e5 }, maxItems: 4, minItems: 4 },
        },
      },
      { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'ellipse' } } },
      { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'arch' } } },
      { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'heart' } } },
      { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'leaf' } } },
      { type: 'object', additionalProperties: !1, required: ['type'], properties: { type: { const: 'droplet' } } },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'notch'],
        properties: { type: { const: 'ticket' }, notch: { type: 'number', minimum: 0, maximum: 1 } },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'hole'],
        properties: { type: { const: 'ring' }, hole: { type: 'number', minimum: 0, maximum: 1 } },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'tail', 'reach'],
        properties: {
          type: { const: 'speech' },
          tail: { type: 'number', minimum: 0, maximum: 1 },
          reach: { type: 'number', minimum: 0, maximum: 1 },
        },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'seed', 'depth'],
        properties: {
          type: { const: 'torn' },
          seed: { type: 'integer', minimum: 0, maximum: 2147483647 },
          depth: { type: 'number', minimum: 0, maximum: 0.5 },
        },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'points'],
        properties: { type: { const: 'polygon' }, points: { type: 'integer', minimum: 3, maximum: 100 } },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'points', 'depth'],
        properties: {
          type: { const: 'star' },
          points: { type: 'integer', minimum: 3, maximum: 100 },
          depth: { type: 'number', minimum: 0, maximum: 1 },
        },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'slant'],
        properties: { type: { const: 'trapezoid' }, slant: { type: 'number', minimum: -1, maximum: 1 } },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'd'],
        properties: { type: { const: 'path' }, d: { type: 'string', maxLength: 2e5 } },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'points', 'warp'],
        properties: {
          type: { const: 'corners' },
          points: { type: 'array', items: { $ref: '#/$defs/point' }, maxItems: 4, minItems: 4 },
          warp: { type: 'boolean' },
        },
      },
      {
        type: 'object',
        additionalProperties: !1,
        required: ['type', 'runs', 'align', 'leading'],
        properties: {
          type: { const: 'lettering' },
          runs: { type: 'array', items: { $ref: '#/$defs/run' }, maxItems: 200, minItems: 1 },
          align: { enum: ['left', 'centre', 'right'] },
          leading: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
          along: {
            type: 'object',
            additionalProperties: !1,
            required: ['radius', 'start', 'inside'],
            properties: {
              radius: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
              start: { type: 'number' },
              inside: { type: 'boolean' },
              reverse: { type: 'boolean' },
            },
          },
          stretch: {
            type: 'object',
            additionalProperties: !1,
            required: ['x', 'y'],
            properties: {
              x: { type: 'number', exclusiveMinimum: 0, maximum: 100 },
              y: { type: 'number', exclusiveMinimum: 0, maximum: 100 },
            },
          },
          kept: { type: 'string', maxLength: 2e5 },
        },
      },
    ],
  };
  var Fe = {
      type: 'object',
      additionalProperties: !1,
      required: ['text', 'face', 'axes', 'size', 'tracking', 'letterIds'],
      properties: {
        text: { type: 'string', maxLength: 2e3 },
        face: { $ref: '#/$defs/id' },
        axes: {
          type: 'object',
          maxProperties: 16,
          propertyNames: { pattern: '^[A-Za-z0-9]{4}$' },
          additionalProperties: { type: 'number' },
        },
        size: { type: 'number', exclusiveMinimum: 0, maximum: 1e5 },
        tracking: { type: 'number', minimum: -1e3, maximum: 1e4 },
        fill: { $ref: '#/$defs/colour' },
        letterIds: { type: 'array', items: { $ref: '#/$defs/id' }, maxItems: 2e3 },
        letterCase: { enum: ['upper', 'lower'] },
        faceName: { $ref: '#/$defs/name' },
        standIn: { $ref: '#/$defs/id' },
      },
    },
    Xe = new RegExp('^[A-Za-z0-9]{4}$', 'u');
  function W(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = W.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let k;
        if (
          (s.text === void 0 && (k = 'text')) ||
          (s.face === void 0 && (k = 'face')) ||
          (s.axes === void 0 && (k = 'axes')) ||
          (s.size === void 0 && (k = 'size')) ||
          (s.tracking === void 0 && (k = 'tracking')) ||
          (s.letterIds === void 0 && (k = 'letterIds'))
        )
          return (
            (W.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: k },
                message: "must have required property '" + k + "'",
              },
            ]),
            !1
          );
        {
          let E = e;
          for (let a in s)
            if (!xe.call(Fe.properties, a)) {
              return (
                (W.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: a },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (E === e) {
            if (s.text !== void 0) {
              let a = s.text,
                F = e;
              if (e === F)
                if (typeof a == 'string') {
                  if (fe(a) > 2e3)
                    return (
                      (W.errors = [
                        {
                          instancePath: r + '/text',
                          schemaPath: '#/properties/text/maxLength',
                          keyword: 'maxLength',
                          params: { limit: 2e3 },
                          message: 'must NOT have more than 2000 characters',
                        },
                      ]),
                      !1
                    );
                } else
                  return (
                    (W.errors = [
                      {
                        instancePath: r + '/text',
                        schemaPath: '#/properties/text/type',
                        keyword: 'type',
                        params: { type: 'string' },
                        message: 'must be string',
                      },
                    ]),
                    !1
                  );
              var i = F === e;
            } else var i = !0;
            if (i) {
              if (s.face !== void 0) {
                let a = s.face,
                  F = e;
                if (e === e)
                  if (typeof a == 'string') {
                    if (!pe.test(a))
                      return (
                        (W.errors = [
                          {
                            instancePath: r + '/face',
                            schemaPath: '#/$defs/id/pattern',
                            keyword: 'pattern',
                            params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                            message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                          },
                        ]),
                        !1
                      );
                  } else
                    return (
                      (W.errors = [
                        {
                          instancePath: r + '/face',
                          schemaPath: '#/$defs/id/type',
                          keyword: 'type',
                          params: { type: 'string' },
                          message: 'must be string',
                        },
                      ]),
                      !1
                    );
                var i = F === e;
              } else var i = !0;
              if (i) {
                if (s.axes !== void 0) {
                  let a = s.axes,
                    F = e;
                  if (e === F)
                    if (a && typeof a == 'object' && !Array.isArray(a)) {
                      if (Object.keys(a).length > 16)
                        return (
                          (W.errors = [
                            {
                              instancePath: r + '/axes',
                              schemaPath: '#/properties/axes/maxProperties',
                              keyword: 'maxProperties',
                              params: { limit: 16 },
                              message: 'must NOT have more than 16 properties',
                            },
                          ]),
                          !1
                        );
                      for (let z in a) {
                        let b = e;
                        if (typeof z == 'string' && !Xe.test(z)) {
                          let n = {
                            instancePath: r + '/axes',
                            schemaPath: '#/properties/axes/propertyNames/pattern',
                            keyword: 'pattern',
                            params: { pattern: '^[A-Za-z0-9]{4}$' },
                            message: 'must match pattern "^[A-Za-z0-9]{4}$"',
                            propertyName: z,
                          };
                          (l === null ? (l = [n]) : l.push(n), e++);
                        }
                        var T = b === e;
                        if (!T) {
                          let n = {
                            instancePath: r + '/axes',
                            schemaPath: '#/properties/axes/propertyNames',
                            keyword: 'propertyNames',
                            params: { propertyName: z },
                            message: 'property name must be valid',
                          };
                          return (l === null ? (l = [n]) : l.push(n), e++, (W.errors = l), !1);
                          break;
                        }
                      }
                      if (T)
                        for (let z in a) {
                          let b = a[z],
                            n = e;
                          if (!(typeof b == 'number' && isFinite(b)))
                            return (
                              (W.errors = [
                                {
                                  instancePath: r + '/axes/' + z.replace(/~/g, '~0').replace(/\//g, '~1'),
                                  schemaPath: '#/properties/axes/additionalProperties/type',
                                  keyword: 'type',
                                  params: { type: 'number' },
                                  message: 'must be number',
                                },
                              ]),
                              !1
                            );
                          var q = n === e;
                          if (!q) break;
                        }
                    } else
                      return (
                        (W.errors = [
                          {
                            instancePath: r + '/axes',
                            schemaPath: '#/properties/axes/type',
                            keyword: 'type',
                            params: { type: 'object' },
                            message: 'must be object',
                          },
                        ]),
                        !1
                      );
                  var i = F === e;
                } else var i = !0;
                if (i) {
                  if (s.size !== void 0) {
                    let a = s.size,
                      F = e;
                    if (e === F)
                      if (typeof a == 'number' && isFinite(a)) {
                        if (a > 1e5 || isNaN(a))
                          return (
                            (W.errors = [
                              {
                                instancePath: r + '/size',
                                schemaPath: '#/properties/size/maximum',
                                keyword: 'maximum',
                                params: { comparison: '<=', limit: 1e5 },
                                message: 'must be <= 100000',
                              },
                            ]),
                            !1
                          );
                        if (a <= 0 || isNaN(a))
                          return (
                            (W.errors = [
                              {
                                instancePath: r + '/size',
                                schemaPath: '#/properties/size/exclusiveMinimum',
                                keyword: 'exclusiveMinimum',
                                params: { comparison: '>', limit: 0 },
                                message: 'must be > 0',
                              },
                            ]),
                            !1
                          );
                      } else
                        return (
                          (W.errors = [
                            {
                              instancePath: r + '/size',
                              schemaPath: '#/properties/size/type',
                              keyword: 'type',
                              params: { type: 'number' },
                              message: 'must be number',
                            },
                          ]),
                          !1
                        );
                    var i = F === e;
                  } else var i = !0;
                  if (i) {
                    if (s.tracking !== void 0) {
                      let a = s.tracking,
                        F = e;
                      if (e === F)
                        if (typeof a == 'number' && isFinite(a)) {
                          if (a > 1e4 || isNaN(a))
                            return (
                              (W.errors = [
                                {
                                  instancePath: r + '/tracking',
                                  schemaPath: '#/properties/tracking/maximum',
                                  keyword: 'maximum',
                                  params: { comparison: '<=', limit: 1e4 },
                                  message: 'must be <= 10000',
                                },
                              ]),
                              !1
                            );
                          if (a < -1e3 || isNaN(a))
                            return (
                              (W.errors = [
                                {
                                  instancePath: r + '/tracking',
                                  schemaPath: '#/properties/tracking/minimum',
                                  keyword: 'minimum',
                                  params: { comparison: '>=', limit: -1e3 },
                                  message: 'must be >= -1000',
                                },
                              ]),
                              !1
                            );
                        } else
                          return (
                            (W.errors = [
                              {
                                instancePath: r + '/tracking',
                                schemaPath: '#/properties/tracking/type',
                                keyword: 'type',
                                params: { type: 'number' },
                                message: 'must be number',
                              },
                            ]),
                            !1
                          );
                      var i = F === e;
                    } else var i = !0;
                    if (i) {
                      if (s.fill !== void 0) {
                        let a = s.fill,
                          F = e;
                        if (e === e)
                          if (typeof a == 'string') {
                            if (!ce.test(a))
                              return (
                                (W.errors = [
                                  {
                                    instancePath: r + '/fill',
                                    schemaPath: '#/$defs/colour/pattern',
                                    keyword: 'pattern',
                                    params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                    message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                  },
                                ]),
                                !1
                              );
                          } else
                            return (
                              (W.errors = [
                                {
                                  instancePath: r + '/fill',
                                  schemaPath: '#/$defs/colour/type',
                                  keyword: 'type',
                                  params: { type: 'string' },
                                  message: 'must be string',
                                },
                              ]),
                              !1
                            );
                        var i = F === e;
                      } else var i = !0;
                      if (i) {
                        if (s.letterIds !== void 0) {
                          let a = s.letterIds,
                            F = e;
                          if (e === F)
                            if (Array.isArray(a)) {
                              if (a.length > 2e3)
                                return (
                                  (W.errors = [
                                    {
                                      instancePath: r + '/letterIds',
                                      schemaPath: '#/properties/letterIds/maxItems',
                                      keyword: 'maxItems',
                                      params: { limit: 2e3 },
                                      message: 'must NOT have more than 2000 items',
                                    },
                                  ]),
                                  !1
                                );
                              {
                                var P = !0;
                                let z = a.length;
                                for (let b = 0; b < z; b++) {
                                  let n = a[b],
                                    u = e;
                                  if (e === e)
                                    if (typeof n == 'string') {
                                      if (!pe.test(n))
                                        return (
                                          (W.errors = [
                                            {
                                              instancePath: r + '/letterIds/' + b,
                                              schemaPath: '#/$defs/id/pattern',
                                              keyword: 'pattern',
                                              params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                              message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                            },
                                          ]),
                                          !1
                                        );
                                    } else
                                      return (
                                        (W.errors = [
                                          {
                                            instancePath: r + '/letterIds/' + b,
                                            schemaPath: '#/$defs/id/type',
                                            keyword: 'type',
                                            params: { type: 'string' },
                                            message: 'must be string',
                                          },
                                        ]),
                                        !1
                                      );
                                  var P = u === e;
                                  if (!P) break;
                                }
                              }
                            } else
                              return (
                                (W.errors = [
                                  {
                                    instancePath: r + '/letterIds',
                                    schemaPath: '#/properties/letterIds/type',
                                    keyword: 'type',
                                    params: { type: 'array' },
                                    message: 'must be array',
                                  },
                                ]),
                                !1
                              );
                          var i = F === e;
                        } else var i = !0;
                        if (i) {
                          if (s.letterCase !== void 0) {
                            let a = s.letterCase,
                              F = e;
                            if (!(a === 'upper' || a === 'lower'))
                              return (
                                (W.errors = [
                                  {
                                    instancePath: r + '/letterCase',
                                    schemaPath: '#/properties/letterCase/enum',
                                    keyword: 'enum',
                                    params: { allowedValues: Fe.properties.letterCase.enum },
                                    message: 'must be equal to one of the allowed values',
                                  },
                                ]),
                                !1
                              );
                            var i = F === e;
                          } else var i = !0;
                          if (i) {
                            if (s.faceName !== void 0) {
                              let a = s.faceName,
                                F = e;
                              if (e === e)
                                if (typeof a == 'string') {
                                  if (fe(a) > 200)
                                    return (
                                      (W.errors = [
                                        {
                                          instancePath: r + '/faceName',
                                          schemaPath: '#/$defs/name/maxLength',
                                          keyword: 'maxLength',
                                          params: { limit: 200 },
                                          message: 'must NOT have more than 200 characters',
                                        },
                                      ]),
                                      !1
                                    );
                                } else
                                  return (
                                    (W.errors = [
                                      {
                                        instancePath: r + '/faceName',
                                        schemaPath: '#/$defs/name/type',
                                        keyword: 'type',
                                        params: { type: 'string' },
                                        message: 'must be string',
                                      },
                                    ]),
                                    !1
                                  );
                              var i = F === e;
                            } else var i = !0;
                            if (i)
                              if (s.standIn !== void 0) {
                                let a = s.standIn,
                                  F = e;
                                if (e === e)
                                  if (typeof a == 'string') {
                                    if (!pe.test(a))
                                      return (
                                        (W.errors = [
                                          {
                                            instancePath: r + '/standIn',
                                            schemaPath: '#/$defs/id/pattern',
                                            keyword: 'pattern',
                                            params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                            message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                          },
                                        ]),
                                        !1
                                      );
                                  } else
                                    return (
                                      (W.errors = [
                                        {
                                          instancePath: r + '/standIn',
                                          schemaPath: '#/$defs/id/type',
                                          keyword: 'type',
                                          params: { type: 'string' },
                                          message: 'must be string',
                                        },
                                      ]),
                                      !1
                                    );
                                var i = F === e;
                              } else var i = !0;
                          }
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      } else
        return (
          (W.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((W.errors = l), e === 0);
  }
  W.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function c(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = c.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let x;
        if (s.type === void 0 && (x = 'type'))
          return (
            (c.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: x },
                message: "must have required property '" + x + "'",
              },
            ]),
            !1
          );
        {
          let Y = s.type;
          if (typeof Y == 'string')
            if (Y === 'rectangle') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if ((s.type === void 0 && (o = 'type')) || (s.radii === void 0 && (o = 'radii')))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/0/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'radii')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/0/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'rectangle')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/0/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'rectangle' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var i = t === e;
                      } else var i = !0;
                      if (i)
                        if (s.radii !== void 0) {
                          let t = s.radii,
                            m = e;
                          if (e === m)
                            if (Array.isArray(t)) {
                              if (t.length > 4)
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/radii',
                                      schemaPath: '#/oneOf/0/properties/radii/maxItems',
                                      keyword: 'maxItems',
                                      params: { limit: 4 },
                                      message: 'must NOT have more than 4 items',
                                    },
                                  ]),
                                  !1
                                );
                              if (t.length < 4)
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/radii',
                                      schemaPath: '#/oneOf/0/properties/radii/minItems',
                                      keyword: 'minItems',
                                      params: { limit: 4 },
                                      message: 'must NOT have fewer than 4 items',
                                    },
                                  ]),
                                  !1
                                );
                              {
                                var T = !0;
                                let f = t.length;
                                for (let g = 0; g < f; g++) {
                                  let d = t[g],
                                    y = e;
                                  if (e === y)
                                    if (typeof d == 'number' && isFinite(d)) {
                                      if (d > 1e5 || isNaN(d))
                                        return (
                                          (c.errors = [
                                            {
                                              instancePath: r + '/radii/' + g,
                                              schemaPath: '#/oneOf/0/properties/radii/items/maximum',
                                              keyword: 'maximum',
                                              params: { comparison: '<=', limit: 1e5 },
                                              message: 'must be <= 100000',
                                            },
                                          ]),
                                          !1
                                        );
                                      if (d < 0 || isNaN(d))
                                        return (
                                          (c.errors = [
                                            {
                                              instancePath: r + '/radii/' + g,
                                              schemaPath: '#/oneOf/0/properties/radii/items/minimum',
                                              keyword: 'minimum',
                                              params: { comparison: '>=', limit: 0 },
                                              message: 'must be >= 0',
                                            },
                                          ]),
                                          !1
                                        );
                                    } else
                                      return (
                                        (c.errors = [
                                          {
                                            instancePath: r + '/radii/' + g,
                                            schemaPath: '#/oneOf/0/properties/radii/items/type',
                                            keyword: 'type',
                                            params: { type: 'number' },
                                            message: 'must be number',
                                          },
                                        ]),
                                        !1
                                      );
                                  var T = y === e;
                                  if (!T) break;
                                }
                              }
                            } else
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/radii',
                                    schemaPath: '#/oneOf/0/properties/radii/type',
                                    keyword: 'type',
                                    params: { type: 'array' },
                                    message: 'must be array',
                                  },
                                ]),
                                !1
                              );
                          var i = m === e;
                        } else var i = !0;
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/0/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              var q = !0;
            } else if (Y === 'ellipse') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (s.type === void 0 && (o = 'type'))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/1/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (t !== 'type') {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/1/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e && s.type !== void 0 && s.type !== 'ellipse')
                      return (
                        (c.errors = [
                          {
                            instancePath: r + '/type',
                            schemaPath: '#/oneOf/1/properties/type/const',
                            keyword: 'const',
                            params: { allowedValue: 'ellipse' },
                            message: 'must be equal to constant',
                          },
                        ]),
                        !1
                      );
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/1/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'arch') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (s.type === void 0 && (o = 'type'))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/2/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (t !== 'type') {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/2/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e && s.type !== void 0 && s.type !== 'arch')
                      return (
                        (c.errors = [
                          {
                            instancePath: r + '/type',
                            schemaPath: '#/oneOf/2/properties/type/const',
                            keyword: 'const',
                            params: { allowedValue: 'arch' },
                            message: 'must be equal to constant',
                          },
                        ]),
                        !1
                      );
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/2/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'heart') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (s.type === void 0 && (o = 'type'))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/3/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (t !== 'type') {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/3/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e && s.type !== void 0 && s.type !== 'heart')
                      return (
                        (c.errors = [
                          {
                            instancePath: r + '/type',
                            schemaPath: '#/oneOf/3/properties/type/const',
                            keyword: 'const',
                            params: { allowedValue: 'heart' },
                            message: 'must be equal to constant',
                          },
                        ]),
                        !1
                      );
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/3/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'leaf') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (s.type === void 0 && (o = 'type'))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/4/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (t !== 'type') {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/4/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e && s.type !== void 0 && s.type !== 'leaf')
                      return (
                        (c.errors = [
                          {
                            instancePath: r + '/type',
                            schemaPath: '#/oneOf/4/properties/type/const',
                            keyword: 'const',
                            params: { allowedValue: 'leaf' },
                            message: 'must be equal to constant',
                          },
                        ]),
                        !1
                      );
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/4/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'droplet') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (s.type === void 0 && (o = 'type'))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/5/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (t !== 'type') {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/5/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e && s.type !== void 0 && s.type !== 'droplet')
                      return (
                        (c.errors = [
                          {
                            instancePath: r + '/type',
                            schemaPath: '#/oneOf/5/properties/type/const',
                            keyword: 'const',
                            params: { allowedValue: 'droplet' },
                            message: 'must be equal to constant',
                          },
                        ]),
                        !1
                      );
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/5/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'ticket') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if ((s.type === void 0 && (o = 'type')) || (s.notch === void 0 && (o = 'notch')))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/6/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'notch')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/6/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'ticket')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/6/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'ticket' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var P = t === e;
                      } else var P = !0;
                      if (P)
                        if (s.notch !== void 0) {
                          let t = s.notch,
                            m = e;
                          if (e === m)
                            if (typeof t == 'number' && isFinite(t)) {
                              if (t > 1 || isNaN(t))
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/notch',
                                      schemaPath: '#/oneOf/6/properties/notch/maximum',
                                      keyword: 'maximum',
                                      params: { comparison: '<=', limit: 1 },
                                      message: 'must be <= 1',
                                    },
                                  ]),
                                  !1
                                );
                              if (t < 0 || isNaN(t))
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/notch',
                                      schemaPath: '#/oneOf/6/properties/notch/minimum',
                                      keyword: 'minimum',
                                      params: { comparison: '>=', limit: 0 },
                                      message: 'must be >= 0',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/notch',
                                    schemaPath: '#/oneOf/6/properties/notch/type',
                                    keyword: 'type',
                                    params: { type: 'number' },
                                    message: 'must be number',
                                  },
                                ]),
                                !1
                              );
                          var P = m === e;
                        } else var P = !0;
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/6/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'ring') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if ((s.type === void 0 && (o = 'type')) || (s.hole === void 0 && (o = 'hole')))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/7/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'hole')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/7/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'ring')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/7/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'ring' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var k = t === e;
                      } else var k = !0;
                      if (k)
                        if (s.hole !== void 0) {
                          let t = s.hole,
                            m = e;
                          if (e === m)
                            if (typeof t == 'number' && isFinite(t)) {
                              if (t > 1 || isNaN(t))
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/hole',
                                      schemaPath: '#/oneOf/7/properties/hole/maximum',
                                      keyword: 'maximum',
                                      params: { comparison: '<=', limit: 1 },
                                      message: 'must be <= 1',
                                    },
                                  ]),
                                  !1
                                );
                              if (t < 0 || isNaN(t))
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/hole',
                                      schemaPath: '#/oneOf/7/properties/hole/minimum',
                                      keyword: 'minimum',
                                      params: { comparison: '>=', limit: 0 },
                                      message: 'must be >= 0',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/hole',
                                    schemaPath: '#/oneOf/7/properties/hole/type',
                                    keyword: 'type',
                                    params: { type: 'number' },
                                    message: 'must be number',
                                  },
                                ]),
                                !1
                              );
                          var k = m === e;
                        } else var k = !0;
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/7/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'speech') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (
                    (s.type === void 0 && (o = 'type')) ||
                    (s.tail === void 0 && (o = 'tail')) ||
                    (s.reach === void 0 && (o = 'reach'))
                  )
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/8/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'tail' || t === 'reach')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/8/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'speech')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/8/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'speech' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var E = t === e;
                      } else var E = !0;
                      if (E) {
                        if (s.tail !== void 0) {
                          let t = s.tail,
                            m = e;
                          if (e === m)
                            if (typeof t == 'number' && isFinite(t)) {
                              if (t > 1 || isNaN(t))
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/tail',
                                      schemaPath: '#/oneOf/8/properties/tail/maximum',
                                      keyword: 'maximum',
                                      params: { comparison: '<=', limit: 1 },
                                      message: 'must be <= 1',
                                    },
                                  ]),
                                  !1
                                );
                              if (t < 0 || isNaN(t))
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/tail',
                                      schemaPath: '#/oneOf/8/properties/tail/minimum',
                                      keyword: 'minimum',
                                      params: { comparison: '>=', limit: 0 },
                                      message: 'must be >= 0',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/tail',
                                    schemaPath: '#/oneOf/8/properties/tail/type',
                                    keyword: 'type',
                                    params: { type: 'number' },
                                    message: 'must be number',
                                  },
                                ]),
                                !1
                              );
                          var E = m === e;
                        } else var E = !0;
                        if (E)
                          if (s.reach !== void 0) {
                            let t = s.reach,
                              m = e;
                            if (e === m)
                              if (typeof t == 'number' && isFinite(t)) {
                                if (t > 1 || isNaN(t))
                                  return (
                                    (c.errors = [
                                      {
                                        instancePath: r + '/reach',
                                        schemaPath: '#/oneOf/8/properties/reach/maximum',
                                        keyword: 'maximum',
                                        params: { comparison: '<=', limit: 1 },
                                        message: 'must be <= 1',
                                      },
                                    ]),
                                    !1
                                  );
                                if (t < 0 || isNaN(t))
                                  return (
                                    (c.errors = [
                                      {
                                        instancePath: r + '/reach',
                                        schemaPath: '#/oneOf/8/properties/reach/minimum',
                                        keyword: 'minimum',
                                        params: { comparison: '>=', limit: 0 },
                                        message: 'must be >= 0',
                                      },
                                    ]),
                                    !1
                                  );
                              } else
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/reach',
                                      schemaPath: '#/oneOf/8/properties/reach/type',
                                      keyword: 'type',
                                      params: { type: 'number' },
                                      message: 'must be number',
                                    },
                                  ]),
                                  !1
                                );
                            var E = m === e;
                          } else var E = !0;
                      }
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/8/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'torn') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (
                    (s.type === void 0 && (o = 'type')) ||
                    (s.seed === void 0 && (o = 'seed')) ||
                    (s.depth === void 0 && (o = 'depth'))
                  )
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/9/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'seed' || t === 'depth')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/9/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'torn')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/9/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'torn' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var a = t === e;
                      } else var a = !0;
                      if (a) {
                        if (s.seed !== void 0) {
                          let t = s.seed,
                            m = e;
                          if (!(typeof t == 'number' && !(t % 1) && !isNaN(t) && isFinite(t)))
                            return (
                              (c.errors = [
                                {
                                  instancePath: r + '/seed',
                                  schemaPath: '#/oneOf/9/properties/seed/type',
                                  keyword: 'type',
                                  params: { type: 'integer' },
                                  message: 'must be integer',
                                },
                              ]),
                              !1
                            );
                          if (e === m && typeof t == 'number' && isFinite(t)) {
                            if (t > 2147483647 || isNaN(t))
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/seed',
                                    schemaPath: '#/oneOf/9/properties/seed/maximum',
                                    keyword: 'maximum',
                                    params: { comparison: '<=', limit: 2147483647 },
                                    message: 'must be <= 2147483647',
                                  },
                                ]),
                                !1
                              );
                            if (t < 0 || isNaN(t))
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/seed',
                                    schemaPath: '#/oneOf/9/properties/seed/minimum',
                                    keyword: 'minimum',
                                    params: { comparison: '>=', limit: 0 },
                                    message: 'must be >= 0',
                                  },
                                ]),
                                !1
                              );
                          }
                          var a = m === e;
                        } else var a = !0;
                        if (a)
                          if (s.depth !== void 0) {
                            let t = s.depth,
                              m = e;
                            if (e === m)
                              if (typeof t == 'number' && isFinite(t)) {
                                if (t > 0.5 || isNaN(t))
                                  return (
                                    (c.errors = [
                                      {
                                        instancePath: r + '/depth',
                                        schemaPath: '#/oneOf/9/properties/depth/maximum',
                                        keyword: 'maximum',
                                        params: { comparison: '<=', limit: 0.5 },
                                        message: 'must be <= 0.5',
                                      },
                                    ]),
                                    !1
                                  );
                                if (t < 0 || isNaN(t))
                                  return (
                                    (c.errors = [
                                      {
                                        instancePath: r + '/depth',
                                        schemaPath: '#/oneOf/9/properties/depth/minimum',
                                        keyword: 'minimum',
                                        params: { comparison: '>=', limit: 0 },
                                        message: 'must be >= 0',
                                      },
                                    ]),
                                    !1
                                  );
                              } else
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/depth',
                                      schemaPath: '#/oneOf/9/properties/depth/type',
                                      keyword: 'type',
                                      params: { type: 'number' },
                                      message: 'must be number',
                                    },
                                  ]),
                                  !1
                                );
                            var a = m === e;
                          } else var a = !0;
                      }
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/9/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'polygon') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if ((s.type === void 0 && (o = 'type')) || (s.points === void 0 && (o = 'points')))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/10/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'points')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/10/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'polygon')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/10/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'polygon' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var F = t === e;
                      } else var F = !0;
                      if (F)
                        if (s.points !== void 0) {
                          let t = s.points,
                            m = e;
                          if (!(typeof t == 'number' && !(t % 1) && !isNaN(t) && isFinite(t)))
                            return (
                              (c.errors = [
                                {
                                  instancePath: r + '/points',
                                  schemaPath: '#/oneOf/10/properties/points/type',
                                  keyword: 'type',
                                  params: { type: 'integer' },
                                  message: 'must be integer',
                                },
                              ]),
                              !1
                            );
                          if (e === m && typeof t == 'number' && isFinite(t)) {
                            if (t > 100 || isNaN(t))
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/points',
                                    schemaPath: '#/oneOf/10/properties/points/maximum',
                                    keyword: 'maximum',
                                    params: { comparison: '<=', limit: 100 },
                                    message: 'must be <= 100',
                                  },
                                ]),
                                !1
                              );
                            if (t < 3 || isNaN(t))
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/points',
                                    schemaPath: '#/oneOf/10/properties/points/minimum',
                                    keyword: 'minimum',
                                    params: { comparison: '>=', limit: 3 },
                                    message: 'must be >= 3',
                                  },
                                ]),
                                !1
                              );
                          }
                          var F = m === e;
                        } else var F = !0;
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/10/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'star') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (
                    (s.type === void 0 && (o = 'type')) ||
                    (s.points === void 0 && (o = 'points')) ||
                    (s.depth === void 0 && (o = 'depth'))
                  )
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/11/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'points' || t === 'depth')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/11/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'star')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/11/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'star' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var Z = t === e;
                      } else var Z = !0;
                      if (Z) {
                        if (s.points !== void 0) {
                          let t = s.points,
                            m = e;
                          if (!(typeof t == 'number' && !(t % 1) && !isNaN(t) && isFinite(t)))
                            return (
                              (c.errors = [
                                {
                                  instancePath: r + '/points',
                                  schemaPath: '#/oneOf/11/properties/points/type',
                                  keyword: 'type',
                                  params: { type: 'integer' },
                                  message: 'must be integer',
                                },
                              ]),
                              !1
                            );
                          if (e === m && typeof t == 'number' && isFinite(t)) {
                            if (t > 100 || isNaN(t))
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/points',
                                    schemaPath: '#/oneOf/11/properties/points/maximum',
                                    keyword: 'maximum',
                                    params: { comparison: '<=', limit: 100 },
                                    message: 'must be <= 100',
                                  },
                                ]),
                                !1
                              );
                            if (t < 3 || isNaN(t))
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/points',
                                    schemaPath: '#/oneOf/11/properties/points/minimum',
                                    keyword: 'minimum',
                                    params: { comparison: '>=', limit: 3 },
                                    message: 'must be >= 3',
                                  },
                                ]),
                                !1
                              );
                          }
                          var Z = m === e;
                        } else var Z = !0;
                        if (Z)
                          if (s.depth !== void 0) {
                            let t = s.depth,
                              m = e;
                            if (e === m)
                              if (typeof t == 'number' && isFinite(t)) {
                                if (t > 1 || isNaN(t))
                                  return (
                                    (c.errors = [
                                      {
                                        instancePath: r + '/depth',
                                        schemaPath: '#/oneOf/11/properties/depth/maximum',
                                        keyword: 'maximum',
                                        params: { comparison: '<=', limit: 1 },
                                        message: 'must be <= 1',
                                      },
                                    ]),
                                    !1
                                  );
                                if (t < 0 || isNaN(t))
                                  return (
                                    (c.errors = [
                                      {
                                        instancePath: r + '/depth',
                                        schemaPath: '#/oneOf/11/properties/depth/minimum',
                                        keyword: 'minimum',
                                        params: { comparison: '>=', limit: 0 },
                                        message: 'must be >= 0',
                                      },
                                    ]),
                                    !1
                                  );
                              } else
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/depth',
                                      schemaPath: '#/oneOf/11/properties/depth/type',
                                      keyword: 'type',
                                      params: { type: 'number' },
                                      message: 'must be number',
                                    },
                                  ]),
                                  !1
                                );
                            var Z = m === e;
                          } else var Z = !0;
                      }
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/11/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'trapezoid') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if ((s.type === void 0 && (o = 'type')) || (s.slant === void 0 && (o = 'slant')))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/12/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'slant')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/12/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'trapezoid')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/12/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'trapezoid' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var z = t === e;
                      } else var z = !0;
                      if (z)
                        if (s.slant !== void 0) {
                          let t = s.slant,
                            m = e;
                          if (e === m)
                            if (typeof t == 'number' && isFinite(t)) {
                              if (t > 1 || isNaN(t))
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/slant',
                                      schemaPath: '#/oneOf/12/properties/slant/maximum',
                                      keyword: 'maximum',
                                      params: { comparison: '<=', limit: 1 },
                                      message: 'must be <= 1',
                                    },
                                  ]),
                                  !1
                                );
                              if (t < -1 || isNaN(t))
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/slant',
                                      schemaPath: '#/oneOf/12/properties/slant/minimum',
                                      keyword: 'minimum',
                                      params: { comparison: '>=', limit: -1 },
                                      message: 'must be >= -1',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/slant',
                                    schemaPath: '#/oneOf/12/properties/slant/type',
                                    keyword: 'type',
                                    params: { type: 'number' },
                                    message: 'must be number',
                                  },
                                ]),
                                !1
                              );
                          var z = m === e;
                        } else var z = !0;
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/12/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'path') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if ((s.type === void 0 && (o = 'type')) || (s.d === void 0 && (o = 'd')))
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/13/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'd')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/13/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'path')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/13/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'path' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var b = t === e;
                      } else var b = !0;
                      if (b)
                        if (s.d !== void 0) {
                          let t = s.d,
                            m = e;
                          if (e === m)
                            if (typeof t == 'string') {
                              if (fe(t) > 2e5)
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/d',
                                      schemaPath: '#/oneOf/13/properties/d/maxLength',
                                      keyword: 'maxLength',
                                      params: { limit: 2e5 },
                                      message: 'must NOT have more than 200000 characters',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/d',
                                    schemaPath: '#/oneOf/13/properties/d/type',
                                    keyword: 'type',
                                    params: { type: 'string' },
                                    message: 'must be string',
                                  },
                                ]),
                                !1
                              );
                          var b = m === e;
                        } else var b = !0;
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/13/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'corners') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (
                    (s.type === void 0 && (o = 'type')) ||
                    (s.points === void 0 && (o = 'points')) ||
                    (s.warp === void 0 && (o = 'warp'))
                  )
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/14/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(t === 'type' || t === 'points' || t === 'warp')) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/14/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'corners')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/14/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'corners' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var n = t === e;
                      } else var n = !0;
                      if (n) {
                        if (s.points !== void 0) {
                          let t = s.points,
                            m = e;
                          if (e === m)
                            if (Array.isArray(t)) {
                              if (t.length > 4)
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/points',
                                      schemaPath: '#/oneOf/14/properties/points/maxItems',
                                      keyword: 'maxItems',
                                      params: { limit: 4 },
                                      message: 'must NOT have more than 4 items',
                                    },
                                  ]),
                                  !1
                                );
                              if (t.length < 4)
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/points',
                                      schemaPath: '#/oneOf/14/properties/points/minItems',
                                      keyword: 'minItems',
                                      params: { limit: 4 },
                                      message: 'must NOT have fewer than 4 items',
                                    },
                                  ]),
                                  !1
                                );
                              {
                                var u = !0;
                                let f = t.length;
                                for (let g = 0; g < f; g++) {
                                  let d = t[g],
                                    y = e;
                                  if (e === e)
                                    if (d && typeof d == 'object' && !Array.isArray(d)) {
                                      let Q;
                                      if ((d.x === void 0 && (Q = 'x')) || (d.y === void 0 && (Q = 'y')))
                                        return (
                                          (c.errors = [
                                            {
                                              instancePath: r + '/points/' + g,
                                              schemaPath: '#/$defs/point/required',
                                              keyword: 'required',
                                              params: { missingProperty: Q },
                                              message: "must have required property '" + Q + "'",
                                            },
                                          ]),
                                          !1
                                        );
                                      {
                                        let K = e;
                                        for (let $ in d)
                                          if (!($ === 'x' || $ === 'y')) {
                                            return (
                                              (c.errors = [
                                                {
                                                  instancePath: r + '/points/' + g,
                                                  schemaPath: '#/$defs/point/additionalProperties',
                                                  keyword: 'additionalProperties',
                                                  params: { additionalProperty: $ },
                                                  message: 'must NOT have additional properties',
                                                },
                                              ]),
                                              !1
                                            );
                                            break;
                                          }
                                        if (K === e) {
                                          if (d.x !== void 0) {
                                            let $ = d.x,
                                              L = e;
                                            if (e === L)
                                              if (typeof $ == 'number' && isFinite($)) {
                                                if ($ > 1e6 || isNaN($))
                                                  return (
                                                    (c.errors = [
                                                      {
                                                        instancePath: r + '/points/' + g + '/x',
                                                        schemaPath: '#/$defs/point/properties/x/maximum',
                                                        keyword: 'maximum',
                                                        params: { comparison: '<=', limit: 1e6 },
                                                        message: 'must be <= 1000000',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                                if ($ < -1e6 || isNaN($))
                                                  return (
                                                    (c.errors = [
                                                      {
                                                        instancePath: r + '/points/' + g + '/x',
                                                        schemaPath: '#/$defs/point/properties/x/minimum',
                                                        keyword: 'minimum',
                                                        params: { comparison: '>=', limit: -1e6 },
                                                        message: 'must be >= -1000000',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              } else
                                                return (
                                                  (c.errors = [
                                                    {
                                                      instancePath: r + '/points/' + g + '/x',
                                                      schemaPath: '#/$defs/point/properties/x/type',
                                                      keyword: 'type',
                                                      params: { type: 'number' },
                                                      message: 'must be number',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var _ = L === e;
                                          } else var _ = !0;
                                          if (_)
                                            if (d.y !== void 0) {
                                              let $ = d.y,
                                                L = e;
                                              if (e === L)
                                                if (typeof $ == 'number' && isFinite($)) {
                                                  if ($ > 1e6 || isNaN($))
                                                    return (
                                                      (c.errors = [
                                                        {
                                                          instancePath: r + '/points/' + g + '/y',
                                                          schemaPath: '#/$defs/point/properties/y/maximum',
                                                          keyword: 'maximum',
                                                          params: { comparison: '<=', limit: 1e6 },
                                                          message: 'must be <= 1000000',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  if ($ < -1e6 || isNaN($))
                                                    return (
                                                      (c.errors = [
                                                        {
                                                          instancePath: r + '/points/' + g + '/y',
                                                          schemaPath: '#/$defs/point/properties/y/minimum',
                                                          keyword: 'minimum',
                                                          params: { comparison: '>=', limit: -1e6 },
                                                          message: 'must be >= -1000000',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                } else
                                                  return (
                                                    (c.errors = [
                                                      {
                                                        instancePath: r + '/points/' + g + '/y',
                                                        schemaPath: '#/$defs/point/properties/y/type',
                                                        keyword: 'type',
                                                        params: { type: 'number' },
                                                        message: 'must be number',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var _ = L === e;
                                            } else var _ = !0;
                                        }
                                      }
                                    } else
                                      return (
                                        (c.errors = [
                                          {
                                            instancePath: r + '/points/' + g,
                                            schemaPath: '#/$defs/point/type',
                                            keyword: 'type',
                                            params: { type: 'object' },
                                            message: 'must be object',
                                          },
                                        ]),
                                        !1
                                      );
                                  var u = y === e;
                                  if (!u) break;
                                }
                              }
                            } else
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/points',
                                    schemaPath: '#/oneOf/14/properties/points/type',
                                    keyword: 'type',
                                    params: { type: 'array' },
                                    message: 'must be array',
                                  },
                                ]),
                                !1
                              );
                          var n = m === e;
                        } else var n = !0;
                        if (n)
                          if (s.warp !== void 0) {
                            let t = e;
                            if (typeof s.warp != 'boolean')
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/warp',
                                    schemaPath: '#/oneOf/14/properties/warp/type',
                                    keyword: 'type',
                                    params: { type: 'boolean' },
                                    message: 'must be boolean',
                                  },
                                ]),
                                !1
                              );
                            var n = t === e;
                          } else var n = !0;
                      }
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/14/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else if (Y === 'lettering') {
              if (e === e)
                if (s && typeof s == 'object' && !Array.isArray(s)) {
                  let o;
                  if (
                    (s.type === void 0 && (o = 'type')) ||
                    (s.runs === void 0 && (o = 'runs')) ||
                    (s.align === void 0 && (o = 'align')) ||
                    (s.leading === void 0 && (o = 'leading'))
                  )
                    return (
                      (c.errors = [
                        {
                          instancePath: r,
                          schemaPath: '#/oneOf/15/required',
                          keyword: 'required',
                          params: { missingProperty: o },
                          message: "must have required property '" + o + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let h = e;
                    for (let t in s)
                      if (!(
                        t === 'type' ||
                        t === 'runs' ||
                        t === 'align' ||
                        t === 'leading' ||
                        t === 'along' ||
                        t === 'stretch' ||
                        t === 'kept'
                      )) {
                        return (
                          (c.errors = [
                            {
                              instancePath: r,
                              schemaPath: '#/oneOf/15/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: t },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (h === e) {
                      if (s.type !== void 0) {
                        let t = e;
                        if (s.type !== 'lettering')
                          return (
                            (c.errors = [
                              {
                                instancePath: r + '/type',
                                schemaPath: '#/oneOf/15/properties/type/const',
                                keyword: 'const',
                                params: { allowedValue: 'lettering' },
                                message: 'must be equal to constant',
                              },
                            ]),
                            !1
                          );
                        var A = t === e;
                      } else var A = !0;
                      if (A) {
                        if (s.runs !== void 0) {
                          let t = s.runs,
                            m = e;
                          if (e === m)
                            if (Array.isArray(t)) {
                              if (t.length > 200)
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/runs',
                                      schemaPath: '#/oneOf/15/properties/runs/maxItems',
                                      keyword: 'maxItems',
                                      params: { limit: 200 },
                                      message: 'must NOT have more than 200 items',
                                    },
                                  ]),
                                  !1
                                );
                              if (t.length < 1)
                                return (
                                  (c.errors = [
                                    {
                                      instancePath: r + '/runs',
                                      schemaPath: '#/oneOf/15/properties/runs/minItems',
                                      keyword: 'minItems',
                                      params: { limit: 1 },
                                      message: 'must NOT have fewer than 1 items',
                                    },
                                  ]),
                                  !1
                                );
                              {
                                var w = !0;
                                let f = t.length;
                                for (let g = 0; g < f; g++) {
                                  let d = e;
                                  W(t[g], {
                                    instancePath: r + '/runs/' + g,
                                    parentData: t,
                                    parentDataProperty: g,
                                    rootData: H,
                                    dynamicAnchors: ee,
                                  }) || ((l = l === null ? W.errors : l.concat(W.errors)), (e = l.length));
                                  var w = d === e;
                                  if (!w) break;
                                }
                              }
                            } else
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/runs',
                                    schemaPath: '#/oneOf/15/properties/runs/type',
                                    keyword: 'type',
                                    params: { type: 'array' },
                                    message: 'must be array',
                                  },
                                ]),
                                !1
                              );
                          var A = m === e;
                        } else var A = !0;
                        if (A) {
                          if (s.align !== void 0) {
                            let t = s.align,
                              m = e;
                            if (!(t === 'left' || t === 'centre' || t === 'right'))
                              return (
                                (c.errors = [
                                  {
                                    instancePath: r + '/align',
                                    schemaPath: '#/oneOf/15/properties/align/enum',
                                    keyword: 'enum',
                                    params: { allowedValues: Ee.oneOf[15].properties.align.enum },
                                    message: 'must be equal to one of the allowed values',
                                  },
                                ]),
                                !1
                              );
                            var A = m === e;
                          } else var A = !0;
                          if (A) {
                            if (s.leading !== void 0) {
                              let t = s.leading,
                                m = e;
                              if (e === m)
                                if (typeof t == 'number' && isFinite(t)) {
                                  if (t > 1e5 || isNaN(t))
                                    return (
                                      (c.errors = [
                                        {
                                          instancePath: r + '/leading',
                                          schemaPath: '#/oneOf/15/properties/leading/maximum',
                                          keyword: 'maximum',
                                          params: { comparison: '<=', limit: 1e5 },
                                          message: 'must be <= 100000',
                                        },
                                      ]),
                                      !1
                                    );
                                  if (t <= 0 || isNaN(t))
                                    return (
                                      (c.errors = [
                                        {
                                          instancePath: r + '/leading',
                                          schemaPath: '#/oneOf/15/properties/leading/exclusiveMinimum',
                                          keyword: 'exclusiveMinimum',
                                          params: { comparison: '>', limit: 0 },
                                          message: 'must be > 0',
                                        },
                                      ]),
                                      !1
                                    );
                                } else
                                  return (
                                    (c.errors = [
                                      {
                                        instancePath: r + '/leading',
                                        schemaPath: '#/oneOf/15/properties/leading/type',
                                        keyword: 'type',
                                        params: { type: 'number' },
                                        message: 'must be number',
                                      },
                                    ]),
                                    !1
                                  );
                              var A = m === e;
                            } else var A = !0;
                            if (A) {
                              if (s.along !== void 0) {
                                let t = s.along,
                                  m = e;
                                if (e === m)
                                  if (t && typeof t == 'object' && !Array.isArray(t)) {
                                    let f;
                                    if (
                                      (t.radius === void 0 && (f = 'radius')) ||
                                      (t.start === void 0 && (f = 'start')) ||
                                      (t.inside === void 0 && (f = 'inside'))
                                    )
                                      return (
                                        (c.errors = [
                                          {
                                            instancePath: r + '/along',
                                            schemaPath: '#/oneOf/15/properties/along/required',
                                            keyword: 'required',
                                            params: { missingProperty: f },
                                            message: "must have required property '" + f + "'",
                                          },
                                        ]),
                                        !1
                                      );
                                    {
                                      let g = e;
                                      for (let d in t)
                                        if (!(d === 'radius' || d === 'start' || d === 'inside' || d === 'reverse')) {
                                          return (
                                            (c.errors = [
                                              {
                                                instancePath: r + '/along',
                                                schemaPath: '#/oneOf/15/properties/along/additionalProperties',
                                                keyword: 'additionalProperties',
                                                params: { additionalProperty: d },
                                                message: 'must NOT have additional properties',
                                              },
                                            ]),
                                            !1
                                          );
                                          break;
                                        }
                                      if (g === e) {
                                        if (t.radius !== void 0) {
                                          let d = t.radius,
                                            y = e;
                                          if (e === y)
                                            if (typeof d == 'number' && isFinite(d)) {
                                              if (d > 1e5 || isNaN(d))
                                                return (
                                                  (c.errors = [
                                                    {
                                                      instancePath: r + '/along/radius',
                                                      schemaPath: '#/oneOf/15/properties/along/properties/radius/maximum',
                                                      keyword: 'maximum',
                                                      params: { comparison: '<=', limit: 1e5 },
                                                      message: 'must be <= 100000',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              if (d <= 0 || isNaN(d))
                                                return (
                                                  (c.errors = [
                                                    {
                                                      instancePath: r + '/along/radius',
                                                      schemaPath:
                                                        '#/oneOf/15/properties/along/properties/radius/exclusiveMinimum',
                                                      keyword: 'exclusiveMinimum',
                                                      params: { comparison: '>', limit: 0 },
                                                      message: 'must be > 0',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            } else
                                              return (
                                                (c.errors = [
                                                  {
                                                    instancePath: r + '/along/radius',
                                                    schemaPath: '#/oneOf/15/properties/along/properties/radius/type',
                                                    keyword: 'type',
                                                    params: { type: 'number' },
                                                    message: 'must be number',
                                                  },
                                                ]),
                                                !1
                                              );
                                          var j = y === e;
                                        } else var j = !0;
                                        if (j) {
                                          if (t.start !== void 0) {
                                            let d = t.start,
                                              y = e;
                                            if (!(typeof d == 'number' && isFinite(d)))
                                              return (
                                                (c.errors = [
                                                  {
                                                    instancePath: r + '/along/start',
                                                    schemaPath: '#/oneOf/15/properties/along/properties/start/type',
                                                    keyword: 'type',
                                                    params: { type: 'number' },
                                                    message: 'must be number',
                                                  },
                                                ]),
                                                !1
                                              );
                                            var j = y === e;
                                          } else var j = !0;
                                          if (j) {
                                            if (t.inside !== void 0) {
                                              let d = e;
                                              if (typeof t.inside != 'boolean')
                                                return (
                                                  (c.errors = [
                                                    {
                                                      instancePath: r + '/along/inside',
                                                      schemaPath: '#/oneOf/15/properties/along/properties/inside/type',
                                                      keyword: 'type',
                                                      params: { type: 'boolean' },
                                                      message: 'must be boolean',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              var j = d === e;
                                            } else var j = !0;
                                            if (j)
                                              if (t.reverse !== void 0) {
                                                let d = e;
                                                if (typeof t.reverse != 'boolean')
                                                  return (
                                                    (c.errors = [
                                                      {
                                                        instancePath: r + '/along/reverse',
                                                        schemaPath: '#/oneOf/15/properties/along/properties/reverse/type',
                                                        keyword: 'type',
                                                        params: { type: 'boolean' },
                                                        message: 'must be boolean',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                                var j = d === e;
                                              } else var j = !0;
                                          }
                                        }
                                      }
                                    }
                                  } else
                                    return (
                                      (c.errors = [
                                        {
                                          instancePath: r + '/along',
                                          schemaPath: '#/oneOf/15/properties/along/type',
                                          keyword: 'type',
                                          params: { type: 'object' },
                                          message: 'must be object',
                                        },
                                      ]),
                                      !1
                                    );
                                var A = m === e;
                              } else var A = !0;
                              if (A) {
                                if (s.stretch !== void 0) {
                                  let t = s.stretch,
                                    m = e;
                                  if (e === m)
                                    if (t && typeof t == 'object' && !Array.isArray(t)) {
                                      let f;
                                      if ((t.x === void 0 && (f = 'x')) || (t.y === void 0 && (f = 'y')))
                                        return (
                                          (c.errors = [
                                            {
                                              instancePath: r + '/stretch',
                                              schemaPath: '#/oneOf/15/properties/stretch/required',
                                              keyword: 'required',
                                              params: { missingProperty: f },
                                              message: "must have required property '" + f + "'",
                                            },
                                          ]),
                                          !1
                                        );
                                      {
                                        let g = e;
                                        for (let d in t)
                                          if (!(d === 'x' || d === 'y')) {
                                            return (
                                              (c.errors = [
                                                {
                                                  instancePath: r + '/stretch',
                                                  schemaPath: '#/oneOf/15/properties/stretch/additionalProperties',
                                                  keyword: 'additionalProperties',
                                                  params: { additionalProperty: d },
                                                  message: 'must NOT have additional properties',
                                                },
                                              ]),
                                              !1
                                            );
                                            break;
                                          }
                                        if (g === e) {
                                          if (t.x !== void 0) {
                                            let d = t.x,
                                              y = e;
                                            if (e === y)
                                              if (typeof d == 'number' && isFinite(d)) {
                                                if (d > 100 || isNaN(d))
                                                  return (
                                                    (c.errors = [
                                                      {
                                                        instancePath: r + '/stretch/x',
                                                        schemaPath: '#/oneOf/15/properties/stretch/properties/x/maximum',
                                                        keyword: 'maximum',
                                                        params: { comparison: '<=', limit: 100 },
                                                        message: 'must be <= 100',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                                if (d <= 0 || isNaN(d))
                                                  return (
                                                    (c.errors = [
                                                      {
                                                        instancePath: r + '/stretch/x',
                                                        schemaPath: '#/oneOf/15/properties/stretch/properties/x/exclusiveMinimum',
                                                        keyword: 'exclusiveMinimum',
                                                        params: { comparison: '>', limit: 0 },
                                                        message: 'must be > 0',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              } else
                                                return (
                                                  (c.errors = [
                                                    {
                                                      instancePath: r + '/stretch/x',
                                                      schemaPath: '#/oneOf/15/properties/stretch/properties/x/type',
                                                      keyword: 'type',
                                                      params: { type: 'number' },
                                                      message: 'must be number',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var p = y === e;
                                          } else var p = !0;
                                          if (p)
                                            if (t.y !== void 0) {
                                              let d = t.y,
                                                y = e;
                                              if (e === y)
                                                if (typeof d == 'number' && isFinite(d)) {
                                                  if (d > 100 || isNaN(d))
                                                    return (
                                                      (c.errors = [
                                                        {
                                                          instancePath: r + '/stretch/y',
                                                          schemaPath: '#/oneOf/15/properties/stretch/properties/y/maximum',
                                                          keyword: 'maximum',
                                                          params: { comparison: '<=', limit: 100 },
                                                          message: 'must be <= 100',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  if (d <= 0 || isNaN(d))
                                                    return (
                                                      (c.errors = [
                                                        {
                                                          instancePath: r + '/stretch/y',
                                                          schemaPath:
                                                            '#/oneOf/15/properties/stretch/properties/y/exclusiveMinimum',
                                                          keyword: 'exclusiveMinimum',
                                                          params: { comparison: '>', limit: 0 },
                                                          message: 'must be > 0',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                } else
                                                  return (
                                                    (c.errors = [
                                                      {
                                                        instancePath: r + '/stretch/y',
                                                        schemaPath: '#/oneOf/15/properties/stretch/properties/y/type',
                                                        keyword: 'type',
                                                        params: { type: 'number' },
                                                        message: 'must be number',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var p = y === e;
                                            } else var p = !0;
                                        }
                                      }
                                    } else
                                      return (
                                        (c.errors = [
                                          {
                                            instancePath: r + '/stretch',
                                            schemaPath: '#/oneOf/15/properties/stretch/type',
                                            keyword: 'type',
                                            params: { type: 'object' },
                                            message: 'must be object',
                                          },
                                        ]),
                                        !1
                                      );
                                  var A = m === e;
                                } else var A = !0;
                                if (A)
                                  if (s.kept !== void 0) {
                                    let t = s.kept,
                                      m = e;
                                    if (e === m)
                                      if (typeof t == 'string') {
                                        if (fe(t) > 2e5)
                                          return (
                                            (c.errors = [
                                              {
                                                instancePath: r + '/kept',
                                                schemaPath: '#/oneOf/15/properties/kept/maxLength',
                                                keyword: 'maxLength',
                                                params: { limit: 2e5 },
                                                message: 'must NOT have more than 200000 characters',
                                              },
                                            ]),
                                            !1
                                          );
                                      } else
                                        return (
                                          (c.errors = [
                                            {
                                              instancePath: r + '/kept',
                                              schemaPath: '#/oneOf/15/properties/kept/type',
                                              keyword: 'type',
                                              params: { type: 'string' },
                                              message: 'must be string',
                                            },
                                          ]),
                                          !1
                                        );
                                    var A = m === e;
                                  } else var A = !0;
                              }
                            }
                          }
                        }
                      }
                    }
                  }
                } else
                  return (
                    (c.errors = [
                      {
                        instancePath: r,
                        schemaPath: '#/oneOf/15/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              q !== !0 && (q = !0);
            } else
              return (
                (c.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/discriminator',
                    keyword: 'discriminator',
                    params: { error: 'mapping', tag: 'type', tagValue: Y },
                    message: 'value of tag "type" must be in oneOf',
                  },
                ]),
                !1
              );
          else
            return (
              (c.errors = [
                {
                  instancePath: r,
                  schemaPath: '#/discriminator',
                  keyword: 'discriminator',
                  params: { error: 'tag', tag: 'type', tagValue: Y },
                  message: 'tag "type" must be string',
                },
              ]),
              !1
            );
        }
      } else
        return (
          (c.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((c.errors = l), (D.props = q), e === 0);
  }
  c.evaluated = { dynamicProps: !0, dynamicItems: !1 };
  var ze = {
      type: 'object',
      additionalProperties: !1,
      required: [],
      properties: {
        outline: {
          type: 'object',
          additionalProperties: !1,
          required: ['align', 'width', 'paint'],
          properties: {
            align: { enum: ['inside', 'centre', 'outside'] },
            width: { type: 'number', minimum: 0, maximum: 1e5 },
            widths: {
              type: 'object',
              additionalProperties: !1,
              required: ['top', 'right', 'bottom', 'left'],
              properties: {
                top: { type: 'number', minimum: 0, maximum: 1e5 },
                right: { type: 'number', minimum: 0, maximum: 1e5 },
                bottom: { type: 'number', minimum: 0, maximum: 1e5 },
                left: { type: 'number', minimum: 0, maximum: 1e5 },
              },
            },
            join: { enum: ['miter', 'round', 'bevel'] },
            paint: { $ref: '#/$defs/colour' },
          },
        },
        rim: {
          type: 'object',
          additionalProperties: !1,
          required: ['top', 'right', 'bottom', 'left', 'colour'],
          properties: {
            top: { type: 'number', minimum: 0, maximum: 1e5 },
            right: { type: 'number', minimum: 0, maximum: 1e5 },
            bottom: { type: 'number', minimum: 0, maximum: 1e5 },
            left: { type: 'number', minimum: 0, maximum: 1e5 },
            colour: { $ref: '#/$defs/colour' },
          },
        },
        shadow: { $ref: '#/$defs/shadow' },
        innerShade: {
          type: 'object',
          additionalProperties: !1,
          required: ['colour', 'blur', 'strength'],
          properties: {
            colour: { $ref: '#/$defs/colour' },
            blur: { type: 'number', minimum: 0, maximum: 1e5 },
            strength: { type: 'number', minimum: 0, maximum: 1 },
          },
        },
        opacity: { type: 'number', minimum: 0, maximum: 1 },
        blend: { $ref: '#/$defs/blend' },
      },
    },
    De = {
      enum: [
        'normal',
        'multiply',
        'screen',
        'overlay',
        'darken',
        'lighten',
        'color-dodge',
        'color-burn',
        'hard-light',
        'soft-light',
        'difference',
        'exclusion',
      ],
    };
  function re(
    s,
    { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {},
  ) {
    let l = null,
      e = 0,
      D = re.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let T;
        if (
          (s.distance === void 0 && (T = 'distance')) ||
          (s.blur === void 0 && (T = 'blur')) ||
          (s.strength === void 0 && (T = 'strength'))
        )
          return (
            (re.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: T },
                message: "must have required property '" + T + "'",
              },
            ]),
            !1
          );
        {
          let q = e;
          for (let P in s)
            if (!(P === 'angle' || P === 'distance' || P === 'blur' || P === 'spread' || P === 'strength' || P === 'colour')) {
              return (
                (re.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: P },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (q === e) {
            if (s.angle !== void 0) {
              let P = s.angle,
                k = e;
              if (!(typeof P == 'number' && isFinite(P)))
                return (
                  (re.errors = [
                    {
                      instancePath: r + '/angle',
                      schemaPath: '#/properties/angle/type',
                      keyword: 'type',
                      params: { type: 'number' },
                      message: 'must be number',
                    },
                  ]),
                  !1
                );
              var i = k === e;
            } else var i = !0;
            if (i) {
              if (s.distance !== void 0) {
                let P = s.distance,
                  k = e;
                if (e === k)
                  if (typeof P == 'number' && isFinite(P)) {
                    if (P > 1e5 || isNaN(P))
                      return (
                        (re.errors = [
                          {
                            instancePath: r + '/distance',
                            schemaPath: '#/properties/distance/maximum',
                            keyword: 'maximum',
                            params: { comparison: '<=', limit: 1e5 },
                            message: 'must be <= 100000',
                          },
                        ]),
                        !1
                      );
                    if (P < 0 || isNaN(P))
                      return (
                        (re.errors = [
                          {
                            instancePath: r + '/distance',
                            schemaPath: '#/properties/distance/minimum',
                            keyword: 'minimum',
                            params: { comparison: '>=', limit: 0 },
                            message: 'must be >= 0',
                          },
                        ]),
                        !1
                      );
                  } else
                    return (
                      (re.errors = [
                        {
                          instancePath: r + '/distance',
                          schemaPath: '#/properties/distance/type',
                          keyword: 'type',
                          params: { type: 'number' },
                          message: 'must be number',
                        },
                      ]),
                      !1
                    );
                var i = k === e;
              } else var i = !0;
              if (i) {
                if (s.blur !== void 0) {
                  let P = s.blur,
                    k = e;
                  if (e === k)
                    if (typeof P == 'number' && isFinite(P)) {
                      if (P > 1e5 || isNaN(P))
                        return (
                          (re.errors = [
                            {
                              instancePath: r + '/blur',
                              schemaPath: '#/properties/blur/maximum',
                              keyword: 'maximum',
                              params: { comparison: '<=', limit: 1e5 },
                              message: 'must be <= 100000',
                            },
                          ]),
                          !1
                        );
                      if (P < 0 || isNaN(P))
                        return (
                          (re.errors = [
                            {
                              instancePath: r + '/blur',
                              schemaPath: '#/properties/blur/minimum',
                              keyword: 'minimum',
                              params: { comparison: '>=', limit: 0 },
                              message: 'must be >= 0',
                            },
                          ]),
                          !1
                        );
                    } else
                      return (
                        (re.errors = [
                          {
                            instancePath: r + '/blur',
                            schemaPath: '#/properties/blur/type',
                            keyword: 'type',
                            params: { type: 'number' },
                            message: 'must be number',
                          },
                        ]),
                        !1
                      );
                  var i = k === e;
                } else var i = !0;
                if (i) {
                  if (s.spread !== void 0) {
                    let P = s.spread,
                      k = e;
                    if (e === k)
                      if (typeof P == 'number' && isFinite(P)) {
                        if (P > 1e6 || isNaN(P))
                          return (
                            (re.errors = [
                              {
                                instancePath: r + '/spread',
                                schemaPath: '#/properties/spread/maximum',
                                keyword: 'maximum',
                                params: { comparison: '<=', limit: 1e6 },
                                message: 'must be <= 1000000',
                              },
                            ]),
                            !1
                          );
                        if (P < -1e6 || isNaN(P))
                          return (
                            (re.errors = [
                              {
                                instancePath: r + '/spread',
                                schemaPath: '#/properties/spread/minimum',
                                keyword: 'minimum',
                                params: { comparison: '>=', limit: -1e6 },
                                message: 'must be >= -1000000',
                              },
                            ]),
                            !1
                          );
                      } else
                        return (
                          (re.errors = [
                            {
                              instancePath: r + '/spread',
                              schemaPath: '#/properties/spread/type',
                              keyword: 'type',
                              params: { type: 'number' },
                              message: 'must be number',
                            },
                          ]),
                          !1
                        );
                    var i = k === e;
                  } else var i = !0;
                  if (i) {
                    if (s.strength !== void 0) {
                      let P = s.strength,
                        k = e;
                      if (e === k)
                        if (typeof P == 'number' && isFinite(P)) {
                          if (P > 1 || isNaN(P))
                            return (
                              (re.errors = [
                                {
                                  instancePath: r + '/strength',
                                  schemaPath: '#/properties/strength/maximum',
                                  keyword: 'maximum',
                                  params: { comparison: '<=', limit: 1 },
                                  message: 'must be <= 1',
                                },
                              ]),
                              !1
                            );
                          if (P < 0 || isNaN(P))
                            return (
                              (re.errors = [
                                {
                                  instancePath: r + '/strength',
                                  schemaPath: '#/properties/strength/minimum',
                                  keyword: 'minimum',
                                  params: { comparison: '>=', limit: 0 },
                                  message: 'must be >= 0',
                                },
                              ]),
                              !1
                            );
                        } else
                          return (
                            (re.errors = [
                              {
                                instancePath: r + '/strength',
                                schemaPath: '#/properties/strength/type',
                                keyword: 'type',
                                params: { type: 'number' },
                                message: 'must be number',
                              },
                            ]),
                            !1
                          );
                      var i = k === e;
                    } else var i = !0;
                    if (i)
                      if (s.colour !== void 0) {
                        let P = s.colour,
                          k = e;
                        if (e === e)
                          if (typeof P == 'string') {
                            if (!ce.test(P))
                              return (
                                (re.errors = [
                                  {
                                    instancePath: r + '/colour',
                                    schemaPath: '#/$defs/colour/pattern',
                                    keyword: 'pattern',
                                    params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                    message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                  },
                                ]),
                                !1
                              );
                          } else
                            return (
                              (re.errors = [
                                {
                                  instancePath: r + '/colour',
                                  schemaPath: '#/$defs/colour/type',
                                  keyword: 'type',
                                  params: { type: 'string' },
                                  message: 'must be string',
                                },
                              ]),
                              !1
                            );
                        var i = k === e;
                      } else var i = !0;
                  }
                }
              }
            }
          }
        }
      } else
        return (
          (re.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((re.errors = l), e === 0);
  }
  re.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function M(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = M.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let E = e;
        for (let a in s)
          if (!(a === 'outline' || a === 'rim' || a === 'shadow' || a === 'innerShade' || a === 'opacity' || a === 'blend')) {
            return (
              (M.errors = [
                {
                  instancePath: r,
                  schemaPath: '#/additionalProperties',
                  keyword: 'additionalProperties',
                  params: { additionalProperty: a },
                  message: 'must NOT have additional properties',
                },
              ]),
              !1
            );
            break;
          }
        if (E === e) {
          if (s.outline !== void 0) {
            let a = s.outline,
              F = e;
            if (e === F)
              if (a && typeof a == 'object' && !Array.isArray(a)) {
                let Z;
                if (
                  (a.align === void 0 && (Z = 'align')) ||
                  (a.width === void 0 && (Z = 'width')) ||
                  (a.paint === void 0 && (Z = 'paint'))
                )
                  return (
                    (M.errors = [
                      {
                        instancePath: r + '/outline',
                        schemaPath: '#/properties/outline/required',
                        keyword: 'required',
                        params: { missingProperty: Z },
                        message: "must have required property '" + Z + "'",
                      },
                    ]),
                    !1
                  );
                {
                  let z = e;
                  for (let b in a)
                    if (!(b === 'align' || b === 'width' || b === 'widths' || b === 'join' || b === 'paint')) {
                      return (
                        (M.errors = [
                          {
                            instancePath: r + '/outline',
                            schemaPath: '#/properties/outline/additionalProperties',
                            keyword: 'additionalProperties',
                            params: { additionalProperty: b },
                            message: 'must NOT have additional properties',
                          },
                        ]),
                        !1
                      );
                      break;
                    }
                  if (z === e) {
                    if (a.align !== void 0) {
                      let b = a.align,
                        n = e;
                      if (!(b === 'inside' || b === 'centre' || b === 'outside'))
                        return (
                          (M.errors = [
                            {
                              instancePath: r + '/outline/align',
                              schemaPath: '#/properties/outline/properties/align/enum',
                              keyword: 'enum',
                              params: { allowedValues: ze.properties.outline.properties.align.enum },
                              message: 'must be equal to one of the allowed values',
                            },
                          ]),
                          !1
                        );
                      var i = n === e;
                    } else var i = !0;
                    if (i) {
                      if (a.width !== void 0) {
                        let b = a.width,
                          n = e;
                        if (e === n)
                          if (typeof b == 'number' && isFinite(b)) {
                            if (b > 1e5 || isNaN(b))
                              return (
                                (M.errors = [
                                  {
                                    instancePath: r + '/outline/width',
                                    schemaPath: '#/properties/outline/properties/width/maximum',
                                    keyword: 'maximum',
                                    params: { comparison: '<=', limit: 1e5 },
                                    message: 'must be <= 100000',
                                  },
                                ]),
                                !1
                              );
                            if (b < 0 || isNaN(b))
                              return (
                                (M.errors = [
                                  {
                                    instancePath: r + '/outline/width',
                                    schemaPath: '#/properties/outline/properties/width/minimum',
                                    keyword: 'minimum',
                                    params: { comparison: '>=', limit: 0 },
                                    message: 'must be >= 0',
                                  },
                                ]),
                                !1
                              );
                          } else
                            return (
                              (M.errors = [
                                {
                                  instancePath: r + '/outline/width',
                                  schemaPath: '#/properties/outline/properties/width/type',
                                  keyword: 'type',
                                  params: { type: 'number' },
                                  message: 'must be number',
                                },
                              ]),
                              !1
                            );
                        var i = n === e;
                      } else var i = !0;
                      if (i) {
                        if (a.widths !== void 0) {
                          let b = a.widths,
                            n = e;
                          if (e === n)
                            if (b && typeof b == 'object' && !Array.isArray(b)) {
                              let _;
                              if (
                                (b.top === void 0 && (_ = 'top')) ||
                                (b.right === void 0 && (_ = 'right')) ||
                                (b.bottom === void 0 && (_ = 'bottom')) ||
                                (b.left === void 0 && (_ = 'left'))
                              )
                                return (
                                  (M.errors = [
                                    {
                                      instancePath: r + '/outline/widths',
                                      schemaPath: '#/properties/outline/properties/widths/required',
                                      keyword: 'required',
                                      params: { missingProperty: _ },
                                      message: "must have required property '" + _ + "'",
                                    },
                                  ]),
                                  !1
                                );
                              {
                                let A = e;
                                for (let w in b)
                                  if (!(w === 'top' || w === 'right' || w === 'bottom' || w === 'left')) {
                                    return (
                                      (M.errors = [
                                        {
                                          instancePath: r + '/outline/widths',
                                          schemaPath: '#/properties/outline/properties/widths/additionalProperties',
                                          keyword: 'additionalProperties',
                                          params: { additionalProperty: w },
                                          message: 'must NOT have additional properties',
                                        },
                                      ]),
                                      !1
                                    );
                                    break;
                                  }
                                if (A === e) {
                                  if (b.top !== void 0) {
                                    let w = b.top,
                                      j = e;
                                    if (e === j)
                                      if (typeof w == 'number' && isFinite(w)) {
                                        if (w > 1e5 || isNaN(w))
                                          return (
                                            (M.errors = [
                                              {
                                                instancePath: r + '/outline/widths/top',
                                                schemaPath: '#/properties/outline/properties/widths/properties/top/maximum',
                                                keyword: 'maximum',
                                                params: { comparison: '<=', limit: 1e5 },
                                                message: 'must be <= 100000',
                                              },
                                            ]),
                                            !1
                                          );
                                        if (w < 0 || isNaN(w))
                                          return (
                                            (M.errors = [
                                              {
                                                instancePath: r + '/outline/widths/top',
                                                schemaPath: '#/properties/outline/properties/widths/properties/top/minimum',
                                                keyword: 'minimum',
                                                params: { comparison: '>=', limit: 0 },
                                                message: 'must be >= 0',
                                              },
                                            ]),
                                            !1
                                          );
                                      } else
                                        return (
                                          (M.errors = [
                                            {
                                              instancePath: r + '/outline/widths/top',
                                              schemaPath: '#/properties/outline/properties/widths/properties/top/type',
                                              keyword: 'type',
                                              params: { type: 'number' },
                                              message: 'must be number',
                                            },
                                          ]),
                                          !1
                                        );
                                    var T = j === e;
                                  } else var T = !0;
                                  if (T) {
                                    if (b.right !== void 0) {
                                      let w = b.right,
                                        j = e;
                                      if (e === j)
                                        if (typeof w == 'number' && isFinite(w)) {
                                          if (w > 1e5 || isNaN(w))
                                            return (
                                              (M.errors = [
                                                {
                                                  instancePath: r + '/outline/widths/right',
                                                  schemaPath: '#/properties/outline/properties/widths/properties/right/maximum',
                                                  keyword: 'maximum',
                                                  params: { comparison: '<=', limit: 1e5 },
                                                  message: 'must be <= 100000',
                                                },
                                              ]),
                                              !1
                                            );
                                          if (w < 0 || isNaN(w))
                                            return (
                                              (M.errors = [
                                                {
                                                  instancePath: r + '/outline/widths/right',
                                                  schemaPath: '#/properties/outline/properties/widths/properties/right/minimum',
                                                  keyword: 'minimum',
                                                  params: { comparison: '>=', limit: 0 },
                                                  message: 'must be >= 0',
                                                },
                                              ]),
                                              !1
                                            );
                                        } else
                                          return (
                                            (M.errors = [
                                              {
                                                instancePath: r + '/outline/widths/right',
                                                schemaPath: '#/properties/outline/properties/widths/properties/right/type',
                                                keyword: 'type',
                                                params: { type: 'number' },
                                                message: 'must be number',
                                              },
                                            ]),
                                            !1
                                          );
                                      var T = j === e;
                                    } else var T = !0;
                                    if (T) {
                                      if (b.bottom !== void 0) {
                                        let w = b.bottom,
                                          j = e;
                                        if (e === j)
                                          if (typeof w == 'number' && isFinite(w)) {
                                            if (w > 1e5 || isNaN(w))
                                              return (
                                                (M.errors = [
                                                  {
                                                    instancePath: r + '/outline/widths/bottom',
                                                    schemaPath:
                                                      '#/properties/outline/properties/widths/properties/bottom/maximum',
                                                    keyword: 'maximum',
                                                    params: { comparison: '<=', limit: 1e5 },
                                                    message: 'must be <= 100000',
                                                  },
                                                ]),
                                                !1
                                              );
                                            if (w < 0 || isNaN(w))
                                              return (
                                                (M.errors = [
                                                  {
                                                    instancePath: r + '/outline/widths/bottom',
                                                    schemaPath:
                                                      '#/properties/outline/properties/widths/properties/bottom/minimum',
                                                    keyword: 'minimum',
                                                    params: { comparison: '>=', limit: 0 },
                                                    message: 'must be >= 0',
                                                  },
                                                ]),
                                                !1
                                              );
                                          } else
                                            return (
                                              (M.errors = [
                                                {
                                                  instancePath: r + '/outline/widths/bottom',
                                                  schemaPath: '#/properties/outline/properties/widths/properties/bottom/type',
                                                  keyword: 'type',
                                                  params: { type: 'number' },
                                                  message: 'must be number',
                                                },
                                              ]),
                                              !1
                                            );
                                        var T = j === e;
                                      } else var T = !0;
                                      if (T)
                                        if (b.left !== void 0) {
                                          let w = b.left,
                                            j = e;
                                          if (e === j)
                                            if (typeof w == 'number' && isFinite(w)) {
                                              if (w > 1e5 || isNaN(w))
                                                return (
                                                  (M.errors = [
                                                    {
                                                      instancePath: r + '/outline/widths/left',
                                                      schemaPath:
                                                        '#/properties/outline/properties/widths/properties/left/maximum',
                                                      keyword: 'maximum',
                                                      params: { comparison: '<=', limit: 1e5 },
                                                      message: 'must be <= 100000',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              if (w < 0 || isNaN(w))
                                                return (
                                                  (M.errors = [
                                                    {
                                                      instancePath: r + '/outline/widths/left',
                                                      schemaPath:
                                                        '#/properties/outline/properties/widths/properties/left/minimum',
                                                      keyword: 'minimum',
                                                      params: { comparison: '>=', limit: 0 },
                                                      message: 'must be >= 0',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            } else
                                              return (
                                                (M.errors = [
                                                  {
                                                    instancePath: r + '/outline/widths/left',
                                                    schemaPath: '#/properties/outline/properties/widths/properties/left/type',
                                                    keyword: 'type',
                                                    params: { type: 'number' },
                                                    message: 'must be number',
                                                  },
                                                ]),
                                                !1
                                              );
                                          var T = j === e;
                                        } else var T = !0;
                                    }
                                  }
                                }
                              }
                            } else
                              return (
                                (M.errors = [
                                  {
                                    instancePath: r + '/outline/widths',
                                    schemaPath: '#/properties/outline/properties/widths/type',
                                    keyword: 'type',
                                    params: { type: 'object' },
                                    message: 'must be object',
                                  },
                                ]),
                                !1
                              );
                          var i = n === e;
                        } else var i = !0;
                        if (i) {
                          if (a.join !== void 0) {
                            let b = a.join,
                              n = e;
                            if (!(b === 'miter' || b === 'round' || b === 'bevel'))
                              return (
                                (M.errors = [
                                  {
                                    instancePath: r + '/outline/join',
                                    schemaPath: '#/properties/outline/properties/join/enum',
                                    keyword: 'enum',
                                    params: { allowedValues: ze.properties.outline.properties.join.enum },
                                    message: 'must be equal to one of the allowed values',
                                  },
                                ]),
                                !1
                              );
                            var i = n === e;
                          } else var i = !0;
                          if (i)
                            if (a.paint !== void 0) {
                              let b = a.paint,
                                n = e;
                              if (e === e)
                                if (typeof b == 'string') {
                                  if (!ce.test(b))
                                    return (
                                      (M.errors = [
                                        {
                                          instancePath: r + '/outline/paint',
                                          schemaPath: '#/$defs/colour/pattern',
                                          keyword: 'pattern',
                                          params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                          message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                        },
                                      ]),
                                      !1
                                    );
                                } else
                                  return (
                                    (M.errors = [
                                      {
                                        instancePath: r + '/outline/paint',
                                        schemaPath: '#/$defs/colour/type',
                                        keyword: 'type',
                                        params: { type: 'string' },
                                        message: 'must be string',
                                      },
                                    ]),
                                    !1
                                  );
                              var i = n === e;
                            } else var i = !0;
                        }
                      }
                    }
                  }
                }
              } else
                return (
                  (M.errors = [
                    {
                      instancePath: r + '/outline',
                      schemaPath: '#/properties/outline/type',
                      keyword: 'type',
                      params: { type: 'object' },
                      message: 'must be object',
                    },
                  ]),
                  !1
                );
            var q = F === e;
          } else var q = !0;
          if (q) {
            if (s.rim !== void 0) {
              let a = s.rim,
                F = e;
              if (e === F)
                if (a && typeof a == 'object' && !Array.isArray(a)) {
                  let z;
                  if (
                    (a.top === void 0 && (z = 'top')) ||
                    (a.right === void 0 && (z = 'right')) ||
                    (a.bottom === void 0 && (z = 'bottom')) ||
                    (a.left === void 0 && (z = 'left')) ||
                    (a.colour === void 0 && (z = 'colour'))
                  )
                    return (
                      (M.errors = [
                        {
                          instancePath: r + '/rim',
                          schemaPath: '#/properties/rim/required',
                          keyword: 'required',
                          params: { missingProperty: z },
                          message: "must have required property '" + z + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let b = e;
                    for (let n in a)
                      if (!(n === 'top' || n === 'right' || n === 'bottom' || n === 'left' || n === 'colour')) {
                        return (
                          (M.errors = [
                            {
                              instancePath: r + '/rim',
                              schemaPath: '#/properties/rim/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: n },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (b === e) {
                      if (a.top !== void 0) {
                        let n = a.top,
                          u = e;
                        if (e === u)
                          if (typeof n == 'number' && isFinite(n)) {
                            if (n > 1e5 || isNaN(n))
                              return (
                                (M.errors = [
                                  {
                                    instancePath: r + '/rim/top',
                                    schemaPath: '#/properties/rim/properties/top/maximum',
                                    keyword: 'maximum',
                                    params: { comparison: '<=', limit: 1e5 },
                                    message: 'must be <= 100000',
                                  },
                                ]),
                                !1
                              );
                            if (n < 0 || isNaN(n))
                              return (
                                (M.errors = [
                                  {
                                    instancePath: r + '/rim/top',
                                    schemaPath: '#/properties/rim/properties/top/minimum',
                                    keyword: 'minimum',
                                    params: { comparison: '>=', limit: 0 },
                                    message: 'must be >= 0',
                                  },
                                ]),
                                !1
                              );
                          } else
                            return (
                              (M.errors = [
                                {
                                  instancePath: r + '/rim/top',
                                  schemaPath: '#/properties/rim/properties/top/type',
                                  keyword: 'type',
                                  params: { type: 'number' },
                                  message: 'must be number',
                                },
                              ]),
                              !1
                            );
                        var P = u === e;
                      } else var P = !0;
                      if (P) {
                        if (a.right !== void 0) {
                          let n = a.right,
                            u = e;
                          if (e === u)
                            if (typeof n == 'number' && isFinite(n)) {
                              if (n > 1e5 || isNaN(n))
                                return (
                                  (M.errors = [
                                    {
                                      instancePath: r + '/rim/right',
                                      schemaPath: '#/properties/rim/properties/right/maximum',
                                      keyword: 'maximum',
                                      params: { comparison: '<=', limit: 1e5 },
                                      message: 'must be <= 100000',
                                    },
                                  ]),
                                  !1
                                );
                              if (n < 0 || isNaN(n))
                                return (
                                  (M.errors = [
                                    {
                                      instancePath: r + '/rim/right',
                                      schemaPath: '#/properties/rim/properties/right/minimum',
                                      keyword: 'minimum',
                                      params: { comparison: '>=', limit: 0 },
                                      message: 'must be >= 0',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (M.errors = [
                                  {
                                    instancePath: r + '/rim/right',
                                    schemaPath: '#/properties/rim/properties/right/type',
                                    keyword: 'type',
                                    params: { type: 'number' },
                                    message: 'must be number',
                                  },
                                ]),
                                !1
                              );
                          var P = u === e;
                        } else var P = !0;
                        if (P) {
                          if (a.bottom !== void 0) {
                            let n = a.bottom,
                              u = e;
                            if (e === u)
                              if (typeof n == 'number' && isFinite(n)) {
                                if (n > 1e5 || isNaN(n))
                                  return (
                                    (M.errors = [
                                      {
                                        instancePath: r + '/rim/bottom',
                                        schemaPath: '#/properties/rim/properties/bottom/maximum',
                                        keyword: 'maximum',
                                        params: { comparison: '<=', limit: 1e5 },
                                        message: 'must be <= 100000',
                                      },
                                    ]),
                                    !1
                                  );
                                if (n < 0 || isNaN(n))
                                  return (
                                    (M.errors = [
                                      {
                                        instancePath: r + '/rim/bottom',
                                        schemaPath: '#/properties/rim/properties/bottom/minimum',
                                        keyword: 'minimum',
                                        params: { comparison: '>=', limit: 0 },
                                        message: 'must be >= 0',
                                      },
                                    ]),
                                    !1
                                  );
                              } else
                                return (
                                  (M.errors = [
                                    {
                                      instancePath: r + '/rim/bottom',
                                      schemaPath: '#/properties/rim/properties/bottom/type',
                                      keyword: 'type',
                                      params: { type: 'number' },
                                      message: 'must be number',
                                    },
                                  ]),
                                  !1
                                );
                            var P = u === e;
                          } else var P = !0;
                          if (P) {
                            if (a.left !== void 0) {
                              let n = a.left,
                                u = e;
                              if (e === u)
                                if (typeof n == 'number' && isFinite(n)) {
                                  if (n > 1e5 || isNaN(n))
                                    return (
                                      (M.errors = [
                                        {
                                          instancePath: r + '/rim/left',
                                          schemaPath: '#/properties/rim/properties/left/maximum',
                                          keyword: 'maximum',
                                          params: { comparison: '<=', limit: 1e5 },
                                          message: 'must be <= 100000',
                                        },
                                      ]),
                                      !1
                                    );
                                  if (n < 0 || isNaN(n))
                                    return (
                                      (M.errors = [
                                        {
                                          instancePath: r + '/rim/left',
                                          schemaPath: '#/properties/rim/properties/left/minimum',
                                          keyword: 'minimum',
                                          params: { comparison: '>=', limit: 0 },
                                          message: 'must be >= 0',
                                        },
                                      ]),
                                      !1
                                    );
                                } else
                                  return (
                                    (M.errors = [
                                      {
                                        instancePath: r + '/rim/left',
                                        schemaPath: '#/properties/rim/properties/left/type',
                                        keyword: 'type',
                                        params: { type: 'number' },
                                        message: 'must be number',
                                      },
                                    ]),
                                    !1
                                  );
                              var P = u === e;
                            } else var P = !0;
                            if (P)
                              if (a.colour !== void 0) {
                                let n = a.colour,
                                  u = e;
                                if (e === e)
                                  if (typeof n == 'string') {
                                    if (!ce.test(n))
                                      return (
                                        (M.errors = [
                                          {
                                            instancePath: r + '/rim/colour',
                                            schemaPath: '#/$defs/colour/pattern',
                                            keyword: 'pattern',
                                            params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                            message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                          },
                                        ]),
                                        !1
                                      );
                                  } else
                                    return (
                                      (M.errors = [
                                        {
                                          instancePath: r + '/rim/colour',
                                          schemaPath: '#/$defs/colour/type',
                                          keyword: 'type',
                                          params: { type: 'string' },
                                          message: 'must be string',
                                        },
                                      ]),
                                      !1
                                    );
                                var P = u === e;
                              } else var P = !0;
                          }
                        }
                      }
                    }
                  }
                } else
                  return (
                    (M.errors = [
                      {
                        instancePath: r + '/rim',
                        schemaPath: '#/properties/rim/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              var q = F === e;
            } else var q = !0;
            if (q) {
              if (s.shadow !== void 0) {
                let a = e;
                re(s.shadow, {
                  instancePath: r + '/shadow',
                  parentData: s,
                  parentDataProperty: 'shadow',
                  rootData: H,
                  dynamicAnchors: ee,
                }) || ((l = l === null ? re.errors : l.concat(re.errors)), (e = l.length));
                var q = a === e;
              } else var q = !0;
              if (q) {
                if (s.innerShade !== void 0) {
                  let a = s.innerShade,
                    F = e;
                  if (e === F)
                    if (a && typeof a == 'object' && !Array.isArray(a)) {
                      let z;
                      if (
                        (a.colour === void 0 && (z = 'colour')) ||
                        (a.blur === void 0 && (z = 'blur')) ||
                        (a.strength === void 0 && (z = 'strength'))
                      )
                        return (
                          (M.errors = [
                            {
                              instancePath: r + '/innerShade',
                              schemaPath: '#/properties/innerShade/required',
                              keyword: 'required',
                              params: { missingProperty: z },
                              message: "must have required property '" + z + "'",
                            },
                          ]),
                          !1
                        );
                      {
                        let b = e;
                        for (let n in a)
                          if (!(n === 'colour' || n === 'blur' || n === 'strength')) {
                            return (
                              (M.errors = [
                                {
                                  instancePath: r + '/innerShade',
                                  schemaPath: '#/properties/innerShade/additionalProperties',
                                  keyword: 'additionalProperties',
                                  params: { additionalProperty: n },
                                  message: 'must NOT have additional properties',
                                },
                              ]),
                              !1
                            );
                            break;
                          }
                        if (b === e) {
                          if (a.colour !== void 0) {
                            let n = a.colour,
                              u = e;
                            if (e === e)
                              if (typeof n == 'string') {
                                if (!ce.test(n))
                                  return (
                                    (M.errors = [
                                      {
                                        instancePath: r + '/innerShade/colour',
                                        schemaPath: '#/$defs/colour/pattern',
                                        keyword: 'pattern',
                                        params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                        message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                      },
                                    ]),
                                    !1
                                  );
                              } else
                                return (
                                  (M.errors = [
                                    {
                                      instancePath: r + '/innerShade/colour',
                                      schemaPath: '#/$defs/colour/type',
                                      keyword: 'type',
                                      params: { type: 'string' },
                                      message: 'must be string',
                                    },
                                  ]),
                                  !1
                                );
                            var k = u === e;
                          } else var k = !0;
                          if (k) {
                            if (a.blur !== void 0) {
                              let n = a.blur,
                                u = e;
                              if (e === u)
                                if (typeof n == 'number' && isFinite(n)) {
                                  if (n > 1e5 || isNaN(n))
                                    return (
                                      (M.errors = [
                                        {
                                          instancePath: r + '/innerShade/blur',
                                          schemaPath: '#/properties/innerShade/properties/blur/maximum',
                                          keyword: 'maximum',
                                          params: { comparison: '<=', limit: 1e5 },
                                          message: 'must be <= 100000',
                                        },
                                      ]),
                                      !1
                                    );
                                  if (n < 0 || isNaN(n))
                                    return (
                                      (M.errors = [
                                        {
                                          instancePath: r + '/innerShade/blur',
                                          schemaPath: '#/properties/innerShade/properties/blur/minimum',
                                          keyword: 'minimum',
                                          params: { comparison: '>=', limit: 0 },
                                          message: 'must be >= 0',
                                        },
                                      ]),
                                      !1
                                    );
                                } else
                                  return (
                                    (M.errors = [
                                      {
                                        instancePath: r + '/innerShade/blur',
                                        schemaPath: '#/properties/innerShade/properties/blur/type',
                                        keyword: 'type',
                                        params: { type: 'number' },
                                        message: 'must be number',
                                      },
                                    ]),
                                    !1
                                  );
                              var k = u === e;
                            } else var k = !0;
                            if (k)
                              if (a.strength !== void 0) {
                                let n = a.strength,
                                  u = e;
                                if (e === u)
                                  if (typeof n == 'number' && isFinite(n)) {
                                    if (n > 1 || isNaN(n))
                                      return (
                                        (M.errors = [
                                          {
                                            instancePath: r + '/innerShade/strength',
                                            schemaPath: '#/properties/innerShade/properties/strength/maximum',
                                            keyword: 'maximum',
                                            params: { comparison: '<=', limit: 1 },
                                            message: 'must be <= 1',
                                          },
                                        ]),
                                        !1
                                      );
                                    if (n < 0 || isNaN(n))
                                      return (
                                        (M.errors = [
                                          {
                                            instancePath: r + '/innerShade/strength',
                                            schemaPath: '#/properties/innerShade/properties/strength/minimum',
                                            keyword: 'minimum',
                                            params: { comparison: '>=', limit: 0 },
                                            message: 'must be >= 0',
                                          },
                                        ]),
                                        !1
                                      );
                                  } else
                                    return (
                                      (M.errors = [
                                        {
                                          instancePath: r + '/innerShade/strength',
                                          schemaPath: '#/properties/innerShade/properties/strength/type',
                                          keyword: 'type',
                                          params: { type: 'number' },
                                          message: 'must be number',
                                        },
                                      ]),
                                      !1
                                    );
                                var k = u === e;
                              } else var k = !0;
                          }
                        }
                      }
                    } else
                      return (
                        (M.errors = [
                          {
                            instancePath: r + '/innerShade',
                            schemaPath: '#/properties/innerShade/type',
                            keyword: 'type',
                            params: { type: 'object' },
                            message: 'must be object',
                          },
                        ]),
                        !1
                      );
                  var q = F === e;
                } else var q = !0;
                if (q) {
                  if (s.opacity !== void 0) {
                    let a = s.opacity,
                      F = e;
                    if (e === F)
                      if (typeof a == 'number' && isFinite(a)) {
                        if (a > 1 || isNaN(a))
                          return (
                            (M.errors = [
                              {
                                instancePath: r + '/opacity',
                                schemaPath: '#/properties/opacity/maximum',
                                keyword: 'maximum',
                                params: { comparison: '<=', limit: 1 },
                                message: 'must be <= 1',
                              },
                            ]),
                            !1
                          );
                        if (a < 0 || isNaN(a))
                          return (
                            (M.errors = [
                              {
                                instancePath: r + '/opacity',
                                schemaPath: '#/properties/opacity/minimum',
                                keyword: 'minimum',
                                params: { comparison: '>=', limit: 0 },
                                message: 'must be >= 0',
                              },
                            ]),
                            !1
                          );
                      } else
                        return (
                          (M.errors = [
                            {
                              instancePath: r + '/opacity',
                              schemaPath: '#/properties/opacity/type',
                              keyword: 'type',
                              params: { type: 'number' },
                              message: 'must be number',
                            },
                          ]),
                          !1
                        );
                    var q = F === e;
                  } else var q = !0;
                  if (q)
                    if (s.blend !== void 0) {
                      let a = s.blend,
                        F = e;
                      if (!(
                        a === 'normal' ||
                        a === 'multiply' ||
                        a === 'screen' ||
                        a === 'overlay' ||
                        a === 'darken' ||
                        a === 'lighten' ||
                        a === 'color-dodge' ||
                        a === 'color-burn' ||
                        a === 'hard-light' ||
                        a === 'soft-light' ||
                        a === 'difference' ||
                        a === 'exclusion'
                      ))
                        return (
                          (M.errors = [
                            {
                              instancePath: r + '/blend',
                              schemaPath: '#/$defs/blend/enum',
                              keyword: 'enum',
                              params: { allowedValues: De.enum },
                              message: 'must be equal to one of the allowed values',
                            },
                          ]),
                          !1
                        );
                      var q = F === e;
                    } else var q = !0;
                }
              }
            }
          }
        }
      } else
        return (
          (M.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((M.errors = l), e === 0);
  }
  M.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function G(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = G.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let Z;
        if (
          (s.sides === void 0 && (Z = 'sides')) ||
          (s.pieces === void 0 && (Z = 'pieces')) ||
          (s.cuts === void 0 && (Z = 'cuts'))
        )
          return (
            (G.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: Z },
                message: "must have required property '" + Z + "'",
              },
            ]),
            !1
          );
        {
          let z = e;
          for (let b in s)
            if (!(b === 'sides' || b === 'pieces' || b === 'cuts' || b === 'shadow')) {
              return (
                (G.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: b },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (z === e) {
            if (s.sides !== void 0) {
              let b = s.sides,
                n = e;
              if (e === n)
                if (b && typeof b == 'object' && !Array.isArray(b)) {
                  let u;
                  if (
                    (b.top === void 0 && (u = 'top')) ||
                    (b.right === void 0 && (u = 'right')) ||
                    (b.bottom === void 0 && (u = 'bottom')) ||
                    (b.left === void 0 && (u = 'left'))
                  )
                    return (
                      (G.errors = [
                        {
                          instancePath: r + '/sides',
                          schemaPath: '#/properties/sides/required',
                          keyword: 'required',
                          params: { missingProperty: u },
                          message: "must have required property '" + u + "'",
                        },
                      ]),
                      !1
                    );
                  {
                    let _ = e;
                    for (let A in b)
                      if (!(A === 'top' || A === 'right' || A === 'bottom' || A === 'left')) {
                        return (
                          (G.errors = [
                            {
                              instancePath: r + '/sides',
                              schemaPath: '#/properties/sides/additionalProperties',
                              keyword: 'additionalProperties',
                              params: { additionalProperty: A },
                              message: 'must NOT have additional properties',
                            },
                          ]),
                          !1
                        );
                        break;
                      }
                    if (_ === e) {
                      if (b.top !== void 0) {
                        let A = e;
                        if (typeof b.top != 'boolean')
                          return (
                            (G.errors = [
                              {
                                instancePath: r + '/sides/top',
                                schemaPath: '#/properties/sides/properties/top/type',
                                keyword: 'type',
                                params: { type: 'boolean' },
                                message: 'must be boolean',
                              },
                            ]),
                            !1
                          );
                        var i = A === e;
                      } else var i = !0;
                      if (i) {
                        if (b.right !== void 0) {
                          let A = e;
                          if (typeof b.right != 'boolean')
                            return (
                              (G.errors = [
                                {
                                  instancePath: r + '/sides/right',
                                  schemaPath: '#/properties/sides/properties/right/type',
                                  keyword: 'type',
                                  params: { type: 'boolean' },
                                  message: 'must be boolean',
                                },
                              ]),
                              !1
                            );
                          var i = A === e;
                        } else var i = !0;
                        if (i) {
                          if (b.bottom !== void 0) {
                            let A = e;
                            if (typeof b.bottom != 'boolean')
                              return (
                                (G.errors = [
                                  {
                                    instancePath: r + '/sides/bottom',
                                    schemaPath: '#/properties/sides/properties/bottom/type',
                                    keyword: 'type',
                                    params: { type: 'boolean' },
                                    message: 'must be boolean',
                                  },
                                ]),
                                !1
                              );
                            var i = A === e;
                          } else var i = !0;
                          if (i)
                            if (b.left !== void 0) {
                              let A = e;
                              if (typeof b.left != 'boolean')
                                return (
                                  (G.errors = [
                                    {
                                      instancePath: r + '/sides/left',
                                      schemaPath: '#/properties/sides/properties/left/type',
                                      keyword: 'type',
                                      params: { type: 'boolean' },
                                      message: 'must be boolean',
                                    },
                                  ]),
                                  !1
                                );
                              var i = A === e;
                            } else var i = !0;
                        }
                      }
                    }
                  }
                } else
                  return (
                    (G.errors = [
                      {
                        instancePath: r + '/sides',
                        schemaPath: '#/properties/sides/type',
                        keyword: 'type',
                        params: { type: 'object' },
                        message: 'must be object',
                      },
                    ]),
                    !1
                  );
              var T = n === e;
            } else var T = !0;
            if (T) {
              if (s.pieces !== void 0) {
                let b = s.pieces,
                  n = e;
                if (e === n)
                  if (Array.isArray(b)) {
                    if (b.length > 1e4)
                      return (
                        (G.errors = [
                          {
                            instancePath: r + '/pieces',
                            schemaPath: '#/properties/pieces/maxItems',
                            keyword: 'maxItems',
                            params: { limit: 1e4 },
                            message: 'must NOT have more than 10000 items',
                          },
                        ]),
                        !1
                      );
                    {
                      var q = !0;
                      let _ = b.length;
                      for (let A = 0; A < _; A++) {
                        let w = b[A],
                          j = e;
                        if (e === j)
                          if (w && typeof w == 'object' && !Array.isArray(w)) {
                            let x;
                            if ((w.at === void 0 && (x = 'at')) || (w.out === void 0 && (x = 'out')))
                              return (
                                (G.errors = [
                                  {
                                    instancePath: r + '/pieces/' + A,
                                    schemaPath: '#/properties/pieces/items/required',
                                    keyword: 'required',
                                    params: { missingProperty: x },
                                    message: "must have required property '" + x + "'",
                                  },
                                ]),
                                !1
                              );
                            {
                              let Y = e;
                              for (let O in w)
                                if (!(O === 'at' || O === 'out')) {
                                  return (
                                    (G.errors = [
                                      {
                                        instancePath: r + '/pieces/' + A,
                                        schemaPath: '#/properties/pieces/items/additionalProperties',
                                        keyword: 'additionalProperties',
                                        params: { additionalProperty: O },
                                        message: 'must NOT have additional properties',
                                      },
                                    ]),
                                    !1
                                  );
                                  break;
                                }
                              if (Y === e) {
                                if (w.at !== void 0) {
                                  let O = w.at,
                                    o = e;
                                  if (e === e)
                                    if (O && typeof O == 'object' && !Array.isArray(O)) {
                                      let t;
                                      if ((O.x === void 0 && (t = 'x')) || (O.y === void 0 && (t = 'y')))
                                        return (
                                          (G.errors = [
                                            {
                                              instancePath: r + '/pieces/' + A + '/at',
                                              schemaPath: '#/$defs/point/required',
                                              keyword: 'required',
                                              params: { missingProperty: t },
                                              message: "must have required property '" + t + "'",
                                            },
                                          ]),
                                          !1
                                        );
                                      {
                                        let m = e;
                                        for (let I in O)
                                          if (!(I === 'x' || I === 'y')) {
                                            return (
                                              (G.errors = [
                                                {
                                                  instancePath: r + '/pieces/' + A + '/at',
                                                  schemaPath: '#/$defs/point/additionalProperties',
                                                  keyword: 'additionalProperties',
                                                  params: { additionalProperty: I },
                                                  message: 'must NOT have additional properties',
                                                },
                                              ]),
                                              !1
                                            );
                                            break;
                                          }
                                        if (m === e) {
                                          if (O.x !== void 0) {
                                            let I = O.x,
                                              f = e;
                                            if (e === f)
                                              if (typeof I == 'number' && isFinite(I)) {
                                                if (I > 1e6 || isNaN(I))
                                                  return (
                                                    (G.errors = [
                                                      {
                                                        instancePath: r + '/pieces/' + A + '/at/x',
                                                        schemaPath: '#/$defs/point/properties/x/maximum',
                                                        keyword: 'maximum',
                                                        params: { comparison: '<=', limit: 1e6 },
                                                        message: 'must be <= 1000000',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                                if (I < -1e6 || isNaN(I))
                                                  return (
                                                    (G.errors = [
                                                      {
                                                        instancePath: r + '/pieces/' + A + '/at/x',
                                                        schemaPath: '#/$defs/point/properties/x/minimum',
                                                        keyword: 'minimum',
                                                        params: { comparison: '>=', limit: -1e6 },
                                                        message: 'must be >= -1000000',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              } else
                                                return (
                                                  (G.errors = [
                                                    {
                                                      instancePath: r + '/pieces/' + A + '/at/x',
                                                      schemaPath: '#/$defs/point/properties/x/type',
                                                      keyword: 'type',
                                                      params: { type: 'number' },
                                                      message: 'must be number',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var P = f === e;
                                          } else var P = !0;
                                          if (P)
                                            if (O.y !== void 0) {
                                              let I = O.y,
                                                f = e;
                                              if (e === f)
                                                if (typeof I == 'number' && isFinite(I)) {
                                                  if (I > 1e6 || isNaN(I))
                                                    return (
                                                      (G.errors = [
                                                        {
                                                          instancePath: r + '/pieces/' + A + '/at/y',
                                                          schemaPath: '#/$defs/point/properties/y/maximum',
                                                          keyword: 'maximum',
                                                          params: { comparison: '<=', limit: 1e6 },
                                                          message: 'must be <= 1000000',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  if (I < -1e6 || isNaN(I))
                                                    return (
                                                      (G.errors = [
                                                        {
                                                          instancePath: r + '/pieces/' + A + '/at/y',
                                                          schemaPath: '#/$defs/point/properties/y/minimum',
                                                          keyword: 'minimum',
                                                          params: { comparison: '>=', limit: -1e6 },
                                                          message: 'must be >= -1000000',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                } else
                                                  return (
                                                    (G.errors = [
                                                      {
                                                        instancePath: r + '/pieces/' + A + '/at/y',
                                                        schemaPath: '#/$defs/point/properties/y/type',
                                                        keyword: 'type',
                                                        params: { type: 'number' },
                                                        message: 'must be number',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var P = f === e;
                                            } else var P = !0;
                                        }
                                      }
                                    } else
                                      return (
                                        (G.errors = [
                                          {
                                            instancePath: r + '/pieces/' + A + '/at',
                                            schemaPath: '#/$defs/point/type',
                                            keyword: 'type',
                                            params: { type: 'object' },
                                            message: 'must be object',
                                          },
                                        ]),
                                        !1
                                      );
                                  var k = o === e;
                                } else var k = !0;
                                if (k)
                                  if (w.out !== void 0) {
                                    let O = e;
                                    if (typeof w.out != 'boolean')
                                      return (
                                        (G.errors = [
                                          {
                                            instancePath: r + '/pieces/' + A + '/out',
                                            schemaPath: '#/properties/pieces/items/properties/out/type',
                                            keyword: 'type',
                                            params: { type: 'boolean' },
                                            message: 'must be boolean',
                                          },
                                        ]),
                                        !1
                                      );
                                    var k = O === e;
                                  } else var k = !0;
                              }
                            }
                          } else
                            return (
                              (G.errors = [
                                {
                                  instancePath: r + '/pieces/' + A,
                                  schemaPath: '#/properties/pieces/items/type',
                                  keyword: 'type',
                                  params: { type: 'object' },
                                  message: 'must be object',
                                },
                              ]),
                              !1
                            );
                        var q = j === e;
                        if (!q) break;
                      }
                    }
                  } else
                    return (
                      (G.errors = [
                        {
                          instancePath: r + '/pieces',
                          schemaPath: '#/properties/pieces/type',
                          keyword: 'type',
                          params: { type: 'array' },
                          message: 'must be array',
                        },
                      ]),
                      !1
                    );
                var T = n === e;
              } else var T = !0;
              if (T) {
                if (s.cuts !== void 0) {
                  let b = s.cuts,
                    n = e;
                  if (e === n)
                    if (Array.isArray(b)) {
                      if (b.length > 1e4)
                        return (
                          (G.errors = [
                            {
                              instancePath: r + '/cuts',
                              schemaPath: '#/properties/cuts/maxItems',
                              keyword: 'maxItems',
                              params: { limit: 1e4 },
                              message: 'must NOT have more than 10000 items',
                            },
                          ]),
                          !1
                        );
                      {
                        var E = !0;
                        let _ = b.length;
                        for (let A = 0; A < _; A++) {
                          let w = b[A],
                            j = e;
                          if (e === j)
                            if (Array.isArray(w)) {
                              if (w.length > 1e4)
                                return (
                                  (G.errors = [
                                    {
                                      instancePath: r + '/cuts/' + A,
                                      schemaPath: '#/properties/cuts/items/maxItems',
                                      keyword: 'maxItems',
                                      params: { limit: 1e4 },
                                      message: 'must NOT have more than 10000 items',
                                    },
                                  ]),
                                  !1
                                );
                              if (w.length < 2)
                                return (
                                  (G.errors = [
                                    {
                                      instancePath: r + '/cuts/' + A,
                                      schemaPath: '#/properties/cuts/items/minItems',
                                      keyword: 'minItems',
                                      params: { limit: 2 },
                                      message: 'must NOT have fewer than 2 items',
                                    },
                                  ]),
                                  !1
                                );
                              {
                                var a = !0;
                                let x = w.length;
                                for (let Y = 0; Y < x; Y++) {
                                  let O = w[Y],
                                    o = e;
                                  if (e === e)
                                    if (O && typeof O == 'object' && !Array.isArray(O)) {
                                      let m;
                                      if ((O.x === void 0 && (m = 'x')) || (O.y === void 0 && (m = 'y')))
                                        return (
                                          (G.errors = [
                                            {
                                              instancePath: r + '/cuts/' + A + '/' + Y,
                                              schemaPath: '#/$defs/point/required',
                                              keyword: 'required',
                                              params: { missingProperty: m },
                                              message: "must have required property '" + m + "'",
                                            },
                                          ]),
                                          !1
                                        );
                                      {
                                        let I = e;
                                        for (let f in O)
                                          if (!(f === 'x' || f === 'y')) {
                                            return (
                                              (G.errors = [
                                                {
                                                  instancePath: r + '/cuts/' + A + '/' + Y,
                                                  schemaPath: '#/$defs/point/additionalProperties',
                                                  keyword: 'additionalProperties',
                                                  params: { additionalProperty: f },
                                                  message: 'must NOT have additional properties',
                                                },
                                              ]),
                                              !1
                                            );
                                            break;
                                          }
                                        if (I === e) {
                                          if (O.x !== void 0) {
                                            let f = O.x,
                                              g = e;
                                            if (e === g)
                                              if (typeof f == 'number' && isFinite(f)) {
                                                if (f > 1e6 || isNaN(f))
                                                  return (
                                                    (G.errors = [
                                                      {
                                                        instancePath: r + '/cuts/' + A + '/' + Y + '/x',
                                                        schemaPath: '#/$defs/point/properties/x/maximum',
                                                        keyword: 'maximum',
                                                        params: { comparison: '<=', limit: 1e6 },
                                                        message: 'must be <= 1000000',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                                if (f < -1e6 || isNaN(f))
                                                  return (
                                                    (G.errors = [
                                                      {
                                                        instancePath: r + '/cuts/' + A + '/' + Y + '/x',
                                                        schemaPath: '#/$defs/point/properties/x/minimum',
                                                        keyword: 'minimum',
                                                        params: { comparison: '>=', limit: -1e6 },
                                                        message: 'must be >= -1000000',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              } else
                                                return (
                                                  (G.errors = [
                                                    {
                                                      instancePath: r + '/cuts/' + A + '/' + Y + '/x',
                                                      schemaPath: '#/$defs/point/properties/x/type',
                                                      keyword: 'type',
                                                      params: { type: 'number' },
                                                      message: 'must be number',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var F = g === e;
                                          } else var F = !0;
                                          if (F)
                                            if (O.y !== void 0) {
                                              let f = O.y,
                                                g = e;
                                              if (e === g)
                                                if (typeof f == 'number' && isFinite(f)) {
                                                  if (f > 1e6 || isNaN(f))
                                                    return (
                                                      (G.errors = [
                                                        {
                                                          instancePath: r + '/cuts/' + A + '/' + Y + '/y',
                                                          schemaPath: '#/$defs/point/properties/y/maximum',
                                                          keyword: 'maximum',
                                                          params: { comparison: '<=', limit: 1e6 },
                                                          message: 'must be <= 1000000',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  if (f < -1e6 || isNaN(f))
                                                    return (
                                                      (G.errors = [
                                                        {
                                                          instancePath: r + '/cuts/' + A + '/' + Y + '/y',
                                                          schemaPath: '#/$defs/point/properties/y/minimum',
                                                          keyword: 'minimum',
                                                          params: { comparison: '>=', limit: -1e6 },
                                                          message: 'must be >= -1000000',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                } else
                                                  return (
                                                    (G.errors = [
                                                      {
                                                        instancePath: r + '/cuts/' + A + '/' + Y + '/y',
                                                        schemaPath: '#/$defs/point/properties/y/type',
                                                        keyword: 'type',
                                                        params: { type: 'number' },
                                                        message: 'must be number',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var F = g === e;
                                            } else var F = !0;
                                        }
                                      }
                                    } else
                                      return (
                                        (G.errors = [
                                          {
                                            instancePath: r + '/cuts/' + A + '/' + Y,
                                            schemaPath: '#/$defs/point/type',
                                            keyword: 'type',
                                            params: { type: 'object' },
                                            message: 'must be object',
                                          },
                                        ]),
                                        !1
                                      );
                                  var a = o === e;
                                  if (!a) break;
                                }
                              }
                            } else
                              return (
                                (G.errors = [
                                  {
                                    instancePath: r + '/cuts/' + A,
                                    schemaPath: '#/properties/cuts/items/type',
                                    keyword: 'type',
                                    params: { type: 'array' },
                                    message: 'must be array',
                                  },
                                ]),
                                !1
                              );
                          var E = j === e;
                          if (!E) break;
                        }
                      }
                    } else
                      return (
                        (G.errors = [
                          {
                            instancePath: r + '/cuts',
                            schemaPath: '#/properties/cuts/type',
                            keyword: 'type',
                            params: { type: 'array' },
                            message: 'must be array',
                          },
                        ]),
                        !1
                      );
                  var T = n === e;
                } else var T = !0;
                if (T)
                  if (s.shadow !== void 0) {
                    let b = e;
                    re(s.shadow, {
                      instancePath: r + '/shadow',
                      parentData: s,
                      parentDataProperty: 'shadow',
                      rootData: H,
                      dynamicAnchors: ee,
                    }) || ((l = l === null ? re.errors : l.concat(re.errors)), (e = l.length));
                    var T = b === e;
                  } else var T = !0;
              }
            }
          }
        }
      } else
        return (
          (G.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((G.errors = l), e === 0);
  }
  G.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function R(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = R.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let k;
        if (
          (s.type === void 0 && (k = 'type')) ||
          (s.id === void 0 && (k = 'id')) ||
          (s.name === void 0 && (k = 'name')) ||
          (s.kind === void 0 && (k = 'kind')) ||
          (s.outline === void 0 && (k = 'outline')) ||
          (s.box === void 0 && (k = 'box')) ||
          (s.fill === void 0 && (k = 'fill')) ||
          (s.finish === void 0 && (k = 'finish'))
        )
          return (
            (R.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: k },
                message: "must have required property '" + k + "'",
              },
            ]),
            !1
          );
        {
          let E = e;
          for (let a in s)
            if (!xe.call(Te.properties, a)) {
              return (
                (R.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: a },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (E === e) {
            if (s.type !== void 0) {
              let a = e;
              if (s.type !== 'opening')
                return (
                  (R.errors = [
                    {
                      instancePath: r + '/type',
                      schemaPath: '#/properties/type/const',
                      keyword: 'const',
                      params: { allowedValue: 'opening' },
                      message: 'must be equal to constant',
                    },
                  ]),
                  !1
                );
              var i = a === e;
            } else var i = !0;
            if (i) {
              if (s.id !== void 0) {
                let a = s.id,
                  F = e;
                if (e === e)
                  if (typeof a == 'string') {
                    if (!pe.test(a))
                      return (
                        (R.errors = [
                          {
                            instancePath: r + '/id',
                            schemaPath: '#/$defs/id/pattern',
                            keyword: 'pattern',
                            params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                            message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                          },
                        ]),
                        !1
                      );
                  } else
                    return (
                      (R.errors = [
                        {
                          instancePath: r + '/id',
                          schemaPath: '#/$defs/id/type',
                          keyword: 'type',
                          params: { type: 'string' },
                          message: 'must be string',
                        },
                      ]),
                      !1
                    );
                var i = F === e;
              } else var i = !0;
              if (i) {
                if (s.name !== void 0) {
                  let a = s.name,
                    F = e;
                  if (e === e)
                    if (typeof a == 'string') {
                      if (fe(a) > 200)
                        return (
                          (R.errors = [
                            {
                              instancePath: r + '/name',
                              schemaPath: '#/$defs/name/maxLength',
                              keyword: 'maxLength',
                              params: { limit: 200 },
                              message: 'must NOT have more than 200 characters',
                            },
                          ]),
                          !1
                        );
                    } else
                      return (
                        (R.errors = [
                          {
                            instancePath: r + '/name',
                            schemaPath: '#/$defs/name/type',
                            keyword: 'type',
                            params: { type: 'string' },
                            message: 'must be string',
                          },
                        ]),
                        !1
                      );
                  var i = F === e;
                } else var i = !0;
                if (i) {
                  if (s.kind !== void 0) {
                    let a = s.kind,
                      F = e;
                    if (!(a === 'shaped' || a === 'loose' || a === 'artwork'))
                      return (
                        (R.errors = [
                          {
                            instancePath: r + '/kind',
                            schemaPath: '#/properties/kind/enum',
                            keyword: 'enum',
                            params: { allowedValues: Te.properties.kind.enum },
                            message: 'must be equal to one of the allowed values',
                          },
                        ]),
                        !1
                      );
                    var i = F === e;
                  } else var i = !0;
                  if (i) {
                    if (s.outline !== void 0) {
                      let a = e;
                      c(s.outline, {
                        instancePath: r + '/outline',
                        parentData: s,
                        parentDataProperty: 'outline',
                        rootData: H,
                        dynamicAnchors: ee,
                      }) || ((l = l === null ? c.errors : l.concat(c.errors)), (e = l.length));
                      var i = a === e;
                    } else var i = !0;
                    if (i) {
                      if (s.box !== void 0) {
                        let a = s.box,
                          F = e;
                        if (e === e)
                          if (a && typeof a == 'object' && !Array.isArray(a)) {
                            let b;
                            if (
                              (a.x === void 0 && (b = 'x')) ||
                              (a.y === void 0 && (b = 'y')) ||
                              (a.width === void 0 && (b = 'width')) ||
                              (a.height === void 0 && (b = 'height')) ||
                              (a.turn === void 0 && (b = 'turn'))
                            )
                              return (
                                (R.errors = [
                                  {
                                    instancePath: r + '/box',
                                    schemaPath: '#/$defs/box/required',
                                    keyword: 'required',
                                    params: { missingProperty: b },
                                    message: "must have required property '" + b + "'",
                                  },
                                ]),
                                !1
                              );
                            {
                              let n = e;
                              for (let u in a)
                                if (!(
                                  u === 'x' ||
                                  u === 'y' ||
                                  u === 'width' ||
                                  u === 'height' ||
                                  u === 'turn' ||
                                  u === 'shear'
                                )) {
                                  return (
                                    (R.errors = [
                                      {
                                        instancePath: r + '/box',
                                        schemaPath: '#/$defs/box/additionalProperties',
                                        keyword: 'additionalProperties',
                                        params: { additionalProperty: u },
                                        message: 'must NOT have additional properties',
                                      },
                                    ]),
                                    !1
                                  );
                                  break;
                                }
                              if (n === e) {
                                if (a.x !== void 0) {
                                  let u = a.x,
                                    _ = e;
                                  if (e === _)
                                    if (typeof u == 'number' && isFinite(u)) {
                                      if (u > 1e6 || isNaN(u))
                                        return (
                                          (R.errors = [
                                            {
                                              instancePath: r + '/box/x',
                                              schemaPath: '#/$defs/box/properties/x/maximum',
                                              keyword: 'maximum',
                                              params: { comparison: '<=', limit: 1e6 },
                                              message: 'must be <= 1000000',
                                            },
                                          ]),
                                          !1
                                        );
                                      if (u < -1e6 || isNaN(u))
                                        return (
                                          (R.errors = [
                                            {
                                              instancePath: r + '/box/x',
                                              schemaPath: '#/$defs/box/properties/x/minimum',
                                              keyword: 'minimum',
                                              params: { comparison: '>=', limit: -1e6 },
                                              message: 'must be >= -1000000',
                                            },
                                          ]),
                                          !1
                                        );
                                    } else
                                      return (
                                        (R.errors = [
                                          {
                                            instancePath: r + '/box/x',
                                            schemaPath: '#/$defs/box/properties/x/type',
                                            keyword: 'type',
                                            params: { type: 'number' },
                                            message: 'must be number',
                                          },
                                        ]),
                                        !1
                                      );
                                  var T = _ === e;
                                } else var T = !0;
                                if (T) {
                                  if (a.y !== void 0) {
                                    let u = a.y,
                                      _ = e;
                                    if (e === _)
                                      if (typeof u == 'number' && isFinite(u)) {
                                        if (u > 1e6 || isNaN(u))
                                          return (
                                            (R.errors = [
                                              {
                                                instancePath: r + '/box/y',
                                                schemaPath: '#/$defs/box/properties/y/maximum',
                                                keyword: 'maximum',
                                                params: { comparison: '<=', limit: 1e6 },
                                                message: 'must be <= 1000000',
                                              },
                                            ]),
                                            !1
                                          );
                                        if (u < -1e6 || isNaN(u))
                                          return (
                                            (R.errors = [
                                              {
                                                instancePath: r + '/box/y',
                                                schemaPath: '#/$defs/box/properties/y/minimum',
                                                keyword: 'minimum',
                                                params: { comparison: '>=', limit: -1e6 },
                                                message: 'must be >= -1000000',
                                              },
                                            ]),
                                            !1
                                          );
                                      } else
                                        return (
                                          (R.errors = [
                                            {
                                              instancePath: r + '/box/y',
                                              schemaPath: '#/$defs/box/properties/y/type',
                                              keyword: 'type',
                                              params: { type: 'number' },
                                              message: 'must be number',
                                            },
                                          ]),
                                          !1
                                        );
                                    var T = _ === e;
                                  } else var T = !0;
                                  if (T) {
                                    if (a.width !== void 0) {
                                      let u = a.width,
                                        _ = e;
                                      if (e === _)
                                        if (typeof u == 'number' && isFinite(u)) {
                                          if (u > 1e5 || isNaN(u))
                                            return (
                                              (R.errors = [
                                                {
                                                  instancePath: r + '/box/width',
                                                  schemaPath: '#/$defs/box/properties/width/maximum',
                                                  keyword: 'maximum',
                                                  params: { comparison: '<=', limit: 1e5 },
                                                  message: 'must be <= 100000',
                                                },
                                              ]),
                                              !1
                                            );
                                          if (u <= 0 || isNaN(u))
                                            return (
                                              (R.errors = [
                                                {
                                                  instancePath: r + '/box/width',
                                                  schemaPath: '#/$defs/box/properties/width/exclusiveMinimum',
                                                  keyword: 'exclusiveMinimum',
                                                  params: { comparison: '>', limit: 0 },
                                                  message: 'must be > 0',
                                                },
                                              ]),
                                              !1
                                            );
                                        } else
                                          return (
                                            (R.errors = [
                                              {
                                                instancePath: r + '/box/width',
                                                schemaPath: '#/$defs/box/properties/width/type',
                                                keyword: 'type',
                                                params: { type: 'number' },
                                                message: 'must be number',
                                              },
                                            ]),
                                            !1
                                          );
                                      var T = _ === e;
                                    } else var T = !0;
                                    if (T) {
                                      if (a.height !== void 0) {
                                        let u = a.height,
                                          _ = e;
                                        if (e === _)
                                          if (typeof u == 'number' && isFinite(u)) {
                                            if (u > 1e5 || isNaN(u))
                                              return (
                                                (R.errors = [
                                                  {
                                                    instancePath: r + '/box/height',
                                                    schemaPath: '#/$defs/box/properties/height/maximum',
                                                    keyword: 'maximum',
                                                    params: { comparison: '<=', limit: 1e5 },
                                                    message: 'must be <= 100000',
                                                  },
                                                ]),
                                                !1
                                              );
                                            if (u <= 0 || isNaN(u))
                                              return (
                                                (R.errors = [
                                                  {
                                                    instancePath: r + '/box/height',
                                                    schemaPath: '#/$defs/box/properties/height/exclusiveMinimum',
                                                    keyword: 'exclusiveMinimum',
                                                    params: { comparison: '>', limit: 0 },
                                                    message: 'must be > 0',
                                                  },
                                                ]),
                                                !1
                                              );
                                          } else
                                            return (
                                              (R.errors = [
                                                {
                                                  instancePath: r + '/box/height',
                                                  schemaPath: '#/$defs/box/properties/height/type',
                                                  keyword: 'type',
                                                  params: { type: 'number' },
                                                  message: 'must be number',
                                                },
                                              ]),
                                              !1
                                            );
                                        var T = _ === e;
                                      } else var T = !0;
                                      if (T) {
                                        if (a.turn !== void 0) {
                                          let u = a.turn,
                                            _ = e;
                                          if (!(typeof u == 'number' && isFinite(u)))
                                            return (
                                              (R.errors = [
                                                {
                                                  instancePath: r + '/box/turn',
                                                  schemaPath: '#/$defs/box/properties/turn/type',
                                                  keyword: 'type',
                                                  params: { type: 'number' },
                                                  message: 'must be number',
                                                },
                                              ]),
                                              !1
                                            );
                                          var T = _ === e;
                                        } else var T = !0;
                                        if (T)
                                          if (a.shear !== void 0) {
                                            let u = a.shear,
                                              _ = e;
                                            if (!(typeof u == 'number' && isFinite(u)))
                                              return (
                                                (R.errors = [
                                                  {
                                                    instancePath: r + '/box/shear',
                                                    schemaPath: '#/$defs/box/properties/shear/type',
                                                    keyword: 'type',
                                                    params: { type: 'number' },
                                                    message: 'must be number',
                                                  },
                                                ]),
                                                !1
                                              );
                                            var T = _ === e;
                                          } else var T = !0;
                                      }
                                    }
                                  }
                                }
                              }
                            }
                          } else
                            return (
                              (R.errors = [
                                {
                                  instancePath: r + '/box',
                                  schemaPath: '#/$defs/box/type',
                                  keyword: 'type',
                                  params: { type: 'object' },
                                  message: 'must be object',
                                },
                              ]),
                              !1
                            );
                        var i = F === e;
                      } else var i = !0;
                      if (i) {
                        if (s.fill !== void 0) {
                          let a = e;
                          v(s.fill, {
                            instancePath: r + '/fill',
                            parentData: s,
                            parentDataProperty: 'fill',
                            rootData: H,
                            dynamicAnchors: ee,
                          }) || ((l = l === null ? v.errors : l.concat(v.errors)), (e = l.length));
                          var i = a === e;
                        } else var i = !0;
                        if (i) {
                          if (s.finish !== void 0) {
                            let a = e;
                            M(s.finish, {
                              instancePath: r + '/finish',
                              parentData: s,
                              parentDataProperty: 'finish',
                              rootData: H,
                              dynamicAnchors: ee,
                            }) || ((l = l === null ? M.errors : l.concat(M.errors)), (e = l.length));
                            var i = a === e;
                          } else var i = !0;
                          if (i) {
                            if (s.overhangs !== void 0) {
                              let a = e;
                              G(s.overhangs, {
                                instancePath: r + '/overhangs',
                                parentData: s,
                                parentDataProperty: 'overhangs',
                                rootData: H,
                                dynamicAnchors: ee,
                              }) || ((l = l === null ? G.errors : l.concat(G.errors)), (e = l.length));
                              var i = a === e;
                            } else var i = !0;
                            if (i) {
                              if (s.slot !== void 0) {
                                let a = s.slot,
                                  F = e;
                                if (e === F)
                                  if (a && typeof a == 'object' && !Array.isArray(a)) {
                                    let z;
                                    if ((a.hint === void 0 && (z = 'hint')) || (a.sample === void 0 && (z = 'sample')))
                                      return (
                                        (R.errors = [
                                          {
                                            instancePath: r + '/slot',
                                            schemaPath: '#/properties/slot/required',
                                            keyword: 'required',
                                            params: { missingProperty: z },
                                            message: "must have required property '" + z + "'",
                                          },
                                        ]),
                                        !1
                                      );
                                    {
                                      let b = e;
                                      for (let n in a)
                                        if (!(n === 'hint' || n === 'sample')) {
                                          return (
                                            (R.errors = [
                                              {
                                                instancePath: r + '/slot',
                                                schemaPath: '#/properties/slot/additionalProperties',
                                                keyword: 'additionalProperties',
                                                params: { additionalProperty: n },
                                                message: 'must NOT have additional properties',
                                              },
                                            ]),
                                            !1
                                          );
                                          break;
                                        }
                                      if (b === e) {
                                        if (a.hint !== void 0) {
                                          let n = a.hint,
                                            u = e;
                                          if (e === e)
                                            if (typeof n == 'string') {
                                              if (fe(n) > 200)
                                                return (
                                                  (R.errors = [
                                                    {
                                                      instancePath: r + '/slot/hint',
                                                      schemaPath: '#/$defs/name/maxLength',
                                                      keyword: 'maxLength',
                                                      params: { limit: 200 },
                                                      message: 'must NOT have more than 200 characters',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            } else
                                              return (
                                                (R.errors = [
                                                  {
                                                    instancePath: r + '/slot/hint',
                                                    schemaPath: '#/$defs/name/type',
                                                    keyword: 'type',
                                                    params: { type: 'string' },
                                                    message: 'must be string',
                                                  },
                                                ]),
                                                !1
                                              );
                                          var q = u === e;
                                        } else var q = !0;
                                        if (q)
                                          if (a.sample !== void 0) {
                                            let n = e;
                                            if (typeof a.sample != 'boolean')
                                              return (
                                                (R.errors = [
                                                  {
                                                    instancePath: r + '/slot/sample',
                                                    schemaPath: '#/properties/slot/properties/sample/type',
                                                    keyword: 'type',
                                                    params: { type: 'boolean' },
                                                    message: 'must be boolean',
                                                  },
                                                ]),
                                                !1
                                              );
                                            var q = n === e;
                                          } else var q = !0;
                                      }
                                    }
                                  } else
                                    return (
                                      (R.errors = [
                                        {
                                          instancePath: r + '/slot',
                                          schemaPath: '#/properties/slot/type',
                                          keyword: 'type',
                                          params: { type: 'object' },
                                          message: 'must be object',
                                        },
                                      ]),
                                      !1
                                    );
                                var i = F === e;
                              } else var i = !0;
                              if (i) {
                                if (s.locked !== void 0) {
                                  let a = e;
                                  if (typeof s.locked != 'boolean')
                                    return (
                                      (R.errors = [
                                        {
                                          instancePath: r + '/locked',
                                          schemaPath: '#/properties/locked/type',
                                          keyword: 'type',
                                          params: { type: 'boolean' },
                                          message: 'must be boolean',
                                        },
                                      ]),
                                      !1
                                    );
                                  var i = a === e;
                                } else var i = !0;
                                if (i) {
                                  if (s.hidden !== void 0) {
                                    let a = e;
                                    if (typeof s.hidden != 'boolean')
                                      return (
                                        (R.errors = [
                                          {
                                            instancePath: r + '/hidden',
                                            schemaPath: '#/properties/hidden/type',
                                            keyword: 'type',
                                            params: { type: 'boolean' },
                                            message: 'must be boolean',
                                          },
                                        ]),
                                        !1
                                      );
                                    var i = a === e;
                                  } else var i = !0;
                                  if (i)
                                    if (s.word !== void 0) {
                                      let a = s.word,
                                        F = e;
                                      if (e === F)
                                        if (a && typeof a == 'object' && !Array.isArray(a)) {
                                          let z;
                                          if (
                                            (a.id === void 0 && (z = 'id')) ||
                                            (a.index === void 0 && (z = 'index')) ||
                                            (a.after === void 0 && (z = 'after'))
                                          )
                                            return (
                                              (R.errors = [
                                                {
                                                  instancePath: r + '/word',
                                                  schemaPath: '#/properties/word/required',
                                                  keyword: 'required',
                                                  params: { missingProperty: z },
                                                  message: "must have required property '" + z + "'",
                                                },
                                              ]),
                                              !1
                                            );
                                          {
                                            let b = e;
                                            for (let n in a)
                                              if (!(n === 'id' || n === 'index' || n === 'after')) {
                                                return (
                                                  (R.errors = [
                                                    {
                                                      instancePath: r + '/word',
                                                      schemaPath: '#/properties/word/additionalProperties',
                                                      keyword: 'additionalProperties',
                                                      params: { additionalProperty: n },
                                                      message: 'must NOT have additional properties',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                                break;
                                              }
                                            if (b === e) {
                                              if (a.id !== void 0) {
                                                let n = a.id,
                                                  u = e;
                                                if (e === e)
                                                  if (typeof n == 'string') {
                                                    if (!pe.test(n))
                                                      return (
                                                        (R.errors = [
                                                          {
                                                            instancePath: r + '/word/id',
                                                            schemaPath: '#/$defs/id/pattern',
                                                            keyword: 'pattern',
                                                            params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                                            message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  } else
                                                    return (
                                                      (R.errors = [
                                                        {
                                                          instancePath: r + '/word/id',
                                                          schemaPath: '#/$defs/id/type',
                                                          keyword: 'type',
                                                          params: { type: 'string' },
                                                          message: 'must be string',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                var P = u === e;
                                              } else var P = !0;
                                              if (P) {
                                                if (a.index !== void 0) {
                                                  let n = a.index,
                                                    u = e;
                                                  if (!(typeof n == 'number' && !(n % 1) && !isNaN(n) && isFinite(n)))
                                                    return (
                                                      (R.errors = [
                                                        {
                                                          instancePath: r + '/word/index',
                                                          schemaPath: '#/properties/word/properties/index/type',
                                                          keyword: 'type',
                                                          params: { type: 'integer' },
                                                          message: 'must be integer',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  if (e === u && typeof n == 'number' && isFinite(n)) {
                                                    if (n > 1e4 || isNaN(n))
                                                      return (
                                                        (R.errors = [
                                                          {
                                                            instancePath: r + '/word/index',
                                                            schemaPath: '#/properties/word/properties/index/maximum',
                                                            keyword: 'maximum',
                                                            params: { comparison: '<=', limit: 1e4 },
                                                            message: 'must be <= 10000',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                    if (n < 0 || isNaN(n))
                                                      return (
                                                        (R.errors = [
                                                          {
                                                            instancePath: r + '/word/index',
                                                            schemaPath: '#/properties/word/properties/index/minimum',
                                                            keyword: 'minimum',
                                                            params: { comparison: '>=', limit: 0 },
                                                            message: 'must be >= 0',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  }
                                                  var P = u === e;
                                                } else var P = !0;
                                                if (P)
                                                  if (a.after !== void 0) {
                                                    let n = a.after,
                                                      u = e;
                                                    if (e === u)
                                                      if (typeof n == 'string') {
                                                        if (fe(n) > 200)
                                                          return (
                                                            (R.errors = [
                                                              {
                                                                instancePath: r + '/word/after',
                                                                schemaPath: '#/properties/word/properties/after/maxLength',
                                                                keyword: 'maxLength',
                                                                params: { limit: 200 },
                                                                message: 'must NOT have more than 200 characters',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                      } else
                                                        return (
                                                          (R.errors = [
                                                            {
                                                              instancePath: r + '/word/after',
                                                              schemaPath: '#/properties/word/properties/after/type',
                                                              keyword: 'type',
                                                              params: { type: 'string' },
                                                              message: 'must be string',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    var P = u === e;
                                                  } else var P = !0;
                                              }
                                            }
                                          }
                                        } else
                                          return (
                                            (R.errors = [
                                              {
                                                instancePath: r + '/word',
                                                schemaPath: '#/properties/word/type',
                                                keyword: 'type',
                                                params: { type: 'object' },
                                                message: 'must be object',
                                              },
                                            ]),
                                            !1
                                          );
                                      var i = F === e;
                                    } else var i = !0;
                                }
                              }
                            }
                          }
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      } else
        return (
          (R.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((R.errors = l), e === 0);
  }
  R.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  var Ye = {
      type: 'object',
      additionalProperties: !1,
      required: ['type', 'id', 'name', 'items'],
      properties: {
        type: { const: 'group' },
        id: { $ref: '#/$defs/id' },
        name: { $ref: '#/$defs/name' },
        items: { type: 'array', items: { $ref: '#/$defs/item' }, maxItems: 5e3 },
        opacity: { type: 'number', minimum: 0, maximum: 1 },
        blend: { $ref: '#/$defs/blend' },
        finish: { type: 'object', additionalProperties: !1, required: [], properties: { shadow: { $ref: '#/$defs/shadow' } } },
        locked: { type: 'boolean' },
        hidden: { type: 'boolean' },
      },
    },
    Ne = { validate: he };
  function ie(
    s,
    { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {},
  ) {
    let l = null,
      e = 0,
      D = ie.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let q;
        if (
          (s.type === void 0 && (q = 'type')) ||
          (s.id === void 0 && (q = 'id')) ||
          (s.name === void 0 && (q = 'name')) ||
          (s.items === void 0 && (q = 'items'))
        )
          return (
            (ie.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: q },
                message: "must have required property '" + q + "'",
              },
            ]),
            !1
          );
        {
          let P = e;
          for (let k in s)
            if (!xe.call(Ye.properties, k)) {
              return (
                (ie.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: k },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (P === e) {
            if (s.type !== void 0) {
              let k = e;
              if (s.type !== 'group')
                return (
                  (ie.errors = [
                    {
                      instancePath: r + '/type',
                      schemaPath: '#/properties/type/const',
                      keyword: 'const',
                      params: { allowedValue: 'group' },
                      message: 'must be equal to constant',
                    },
                  ]),
                  !1
                );
              var i = k === e;
            } else var i = !0;
            if (i) {
              if (s.id !== void 0) {
                let k = s.id,
                  E = e;
                if (e === e)
                  if (typeof k == 'string') {
                    if (!pe.test(k))
                      return (
                        (ie.errors = [
                          {
                            instancePath: r + '/id',
                            schemaPath: '#/$defs/id/pattern',
                            keyword: 'pattern',
                            params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                            message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                          },
                        ]),
                        !1
                      );
                  } else
                    return (
                      (ie.errors = [
                        {
                          instancePath: r + '/id',
                          schemaPath: '#/$defs/id/type',
                          keyword: 'type',
                          params: { type: 'string' },
                          message: 'must be string',
                        },
                      ]),
                      !1
                    );
                var i = E === e;
              } else var i = !0;
              if (i) {
                if (s.name !== void 0) {
                  let k = s.name,
                    E = e;
                  if (e === e)
                    if (typeof k == 'string') {
                      if (fe(k) > 200)
                        return (
                          (ie.errors = [
                            {
                              instancePath: r + '/name',
                              schemaPath: '#/$defs/name/maxLength',
                              keyword: 'maxLength',
                              params: { limit: 200 },
                              message: 'must NOT have more than 200 characters',
                            },
                          ]),
                          !1
                        );
                    } else
                      return (
                        (ie.errors = [
                          {
                            instancePath: r + '/name',
                            schemaPath: '#/$defs/name/type',
                            keyword: 'type',
                            params: { type: 'string' },
                            message: 'must be string',
                          },
                        ]),
                        !1
                      );
                  var i = E === e;
                } else var i = !0;
                if (i) {
                  if (s.items !== void 0) {
                    let k = s.items,
                      E = e;
                    if (e === E)
                      if (Array.isArray(k)) {
                        if (k.length > 5e3)
                          return (
                            (ie.errors = [
                              {
                                instancePath: r + '/items',
                                schemaPath: '#/properties/items/maxItems',
                                keyword: 'maxItems',
                                params: { limit: 5e3 },
                                message: 'must NOT have more than 5000 items',
                              },
                            ]),
                            !1
                          );
                        {
                          var T = !0;
                          let F = k.length;
                          for (let Z = 0; Z < F; Z++) {
                            let z = e;
                            Ne.validate(k[Z], {
                              instancePath: r + '/items/' + Z,
                              parentData: k,
                              parentDataProperty: Z,
                              rootData: H,
                              dynamicAnchors: ee,
                            }) || ((l = l === null ? Ne.validate.errors : l.concat(Ne.validate.errors)), (e = l.length));
                            var T = z === e;
                            if (!T) break;
                          }
                        }
                      } else
                        return (
                          (ie.errors = [
                            {
                              instancePath: r + '/items',
                              schemaPath: '#/properties/items/type',
                              keyword: 'type',
                              params: { type: 'array' },
                              message: 'must be array',
                            },
                          ]),
                          !1
                        );
                    var i = E === e;
                  } else var i = !0;
                  if (i) {
                    if (s.opacity !== void 0) {
                      let k = s.opacity,
                        E = e;
                      if (e === E)
                        if (typeof k == 'number' && isFinite(k)) {
                          if (k > 1 || isNaN(k))
                            return (
                              (ie.errors = [
                                {
                                  instancePath: r + '/opacity',
                                  schemaPath: '#/properties/opacity/maximum',
                                  keyword: 'maximum',
                                  params: { comparison: '<=', limit: 1 },
                                  message: 'must be <= 1',
                                },
                              ]),
                              !1
                            );
                          if (k < 0 || isNaN(k))
                            return (
                              (ie.errors = [
                                {
                                  instancePath: r + '/opacity',
                                  schemaPath: '#/properties/opacity/minimum',
                                  keyword: 'minimum',
                                  params: { comparison: '>=', limit: 0 },
                                  message: 'must be >= 0',
                                },
                              ]),
                              !1
                            );
                        } else
                          return (
                            (ie.errors = [
                              {
                                instancePath: r + '/opacity',
                                schemaPath: '#/properties/opacity/type',
                                keyword: 'type',
                                params: { type: 'number' },
                                message: 'must be number',
                              },
                            ]),
                            !1
                          );
                      var i = E === e;
                    } else var i = !0;
                    if (i) {
                      if (s.blend !== void 0) {
                        let k = s.blend,
                          E = e;
                        if (!(
                          k === 'normal' ||
                          k === 'multiply' ||
                          k === 'screen' ||
                          k === 'overlay' ||
                          k === 'darken' ||
                          k === 'lighten' ||
                          k === 'color-dodge' ||
                          k === 'color-burn' ||
                          k === 'hard-light' ||
                          k === 'soft-light' ||
                          k === 'difference' ||
                          k === 'exclusion'
                        ))
                          return (
                            (ie.errors = [
                              {
                                instancePath: r + '/blend',
                                schemaPath: '#/$defs/blend/enum',
                                keyword: 'enum',
                                params: { allowedValues: De.enum },
                                message: 'must be equal to one of the allowed values',
                              },
                            ]),
                            !1
                          );
                        var i = E === e;
                      } else var i = !0;
                      if (i) {
                        if (s.finish !== void 0) {
                          let k = s.finish,
                            E = e;
                          if (e === E)
                            if (k && typeof k == 'object' && !Array.isArray(k)) {
                              let F = e;
                              for (let Z in k)
                                if (Z !== 'shadow') {
                                  return (
                                    (ie.errors = [
                                      {
                                        instancePath: r + '/finish',
                                        schemaPath: '#/properties/finish/additionalProperties',
                                        keyword: 'additionalProperties',
                                        params: { additionalProperty: Z },
                                        message: 'must NOT have additional properties',
                                      },
                                    ]),
                                    !1
                                  );
                                  break;
                                }
                              F === e &&
                                k.shadow !== void 0 &&
                                (re(k.shadow, {
                                  instancePath: r + '/finish/shadow',
                                  parentData: k,
                                  parentDataProperty: 'shadow',
                                  rootData: H,
                                  dynamicAnchors: ee,
                                }) ||
                                  ((l = l === null ? re.errors : l.concat(re.errors)), (e = l.length)));
                            } else
                              return (
                                (ie.errors = [
                                  {
                                    instancePath: r + '/finish',
                                    schemaPath: '#/properties/finish/type',
                                    keyword: 'type',
                                    params: { type: 'object' },
                                    message: 'must be object',
                                  },
                                ]),
                                !1
                              );
                          var i = E === e;
                        } else var i = !0;
                        if (i) {
                          if (s.locked !== void 0) {
                            let k = e;
                            if (typeof s.locked != 'boolean')
                              return (
                                (ie.errors = [
                                  {
                                    instancePath: r + '/locked',
                                    schemaPath: '#/properties/locked/type',
                                    keyword: 'type',
                                    params: { type: 'boolean' },
                                    message: 'must be boolean',
                                  },
                                ]),
                                !1
                              );
                            var i = k === e;
                          } else var i = !0;
                          if (i)
                            if (s.hidden !== void 0) {
                              let k = e;
                              if (typeof s.hidden != 'boolean')
                                return (
                                  (ie.errors = [
                                    {
                                      instancePath: r + '/hidden',
                                      schemaPath: '#/properties/hidden/type',
                                      keyword: 'type',
                                      params: { type: 'boolean' },
                                      message: 'must be boolean',
                                    },
                                  ]),
                                  !1
                                );
                              var i = k === e;
                            } else var i = !0;
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      } else
        return (
          (ie.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((ie.errors = l), e === 0);
  }
  ie.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function he(
    s,
    { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {},
  ) {
    let l = null,
      e = 0,
      D = he.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let T;
        if (s.type === void 0 && (T = 'type'))
          return (
            (he.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: T },
                message: "must have required property '" + T + "'",
              },
            ]),
            !1
          );
        {
          let q = s.type;
          if (typeof q == 'string')
            if (q === 'opening') {
              R(s, { instancePath: r, parentData: me, parentDataProperty: oe, rootData: H, dynamicAnchors: ee }) ||
                ((l = l === null ? R.errors : l.concat(R.errors)), (e = l.length));
              var i = !0;
            } else if (q === 'group')
              (ie(s, { instancePath: r, parentData: me, parentDataProperty: oe, rootData: H, dynamicAnchors: ee }) ||
                ((l = l === null ? ie.errors : l.concat(ie.errors)), (e = l.length)),
                i !== !0 && (i = !0));
            else
              return (
                (he.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/discriminator',
                    keyword: 'discriminator',
                    params: { error: 'mapping', tag: 'type', tagValue: q },
                    message: 'value of tag "type" must be in oneOf',
                  },
                ]),
                !1
              );
          else
            return (
              (he.errors = [
                {
                  instancePath: r,
                  schemaPath: '#/discriminator',
                  keyword: 'discriminator',
                  params: { error: 'tag', tag: 'type', tagValue: q },
                  message: 'tag "type" must be string',
                },
              ]),
              !1
            );
        }
      } else
        return (
          (he.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((he.errors = l), (D.props = i), e === 0);
  }
  he.evaluated = { dynamicProps: !0, dynamicItems: !1 };
  function ue(
    s,
    { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {},
  ) {
    let l = null,
      e = 0,
      D = ue.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let T;
        if ((s.itemId === void 0 && (T = 'itemId')) || (s.part === void 0 && (T = 'part')))
          return (
            (ue.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: T },
                message: "must have required property '" + T + "'",
              },
            ]),
            !1
          );
        {
          let q = e;
          for (let P in s)
            if (!(P === 'itemId' || P === 'part')) {
              return (
                (ue.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: P },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (q === e) {
            if (s.itemId !== void 0) {
              let P = s.itemId,
                k = e;
              if (e === e)
                if (typeof P == 'string') {
                  if (!pe.test(P))
                    return (
                      (ue.errors = [
                        {
                          instancePath: r + '/itemId',
                          schemaPath: '#/$defs/id/pattern',
                          keyword: 'pattern',
                          params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                          message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                        },
                      ]),
                      !1
                    );
                } else
                  return (
                    (ue.errors = [
                      {
                        instancePath: r + '/itemId',
                        schemaPath: '#/$defs/id/type',
                        keyword: 'type',
                        params: { type: 'string' },
                        message: 'must be string',
                      },
                    ]),
                    !1
                  );
              var i = k === e;
            } else var i = !0;
            if (i)
              if (s.part !== void 0) {
                let P = s.part,
                  k = e;
                if (e === e)
                  if (typeof P == 'string') {
                    if (!pe.test(P))
                      return (
                        (ue.errors = [
                          {
                            instancePath: r + '/part',
                            schemaPath: '#/$defs/id/pattern',
                            keyword: 'pattern',
                            params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                            message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                          },
                        ]),
                        !1
                      );
                  } else
                    return (
                      (ue.errors = [
                        {
                          instancePath: r + '/part',
                          schemaPath: '#/$defs/id/type',
                          keyword: 'type',
                          params: { type: 'string' },
                          message: 'must be string',
                        },
                      ]),
                      !1
                    );
                var i = k === e;
              } else var i = !0;
          }
        }
      } else
        return (
          (ue.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((ue.errors = l), e === 0);
  }
  ue.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function X(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = X.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let n;
        if (
          (s.lower === void 0 && (n = 'lower')) ||
          (s.upper === void 0 && (n = 'upper')) ||
          (s.over === void 0 && (n = 'over')) ||
          (s.regions === void 0 && (n = 'regions')) ||
          (s.cuts === void 0 && (n = 'cuts'))
        )
          return (
            (X.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: n },
                message: "must have required property '" + n + "'",
              },
            ]),
            !1
          );
        {
          let u = e;
          for (let _ in s)
            if (!(_ === 'lower' || _ === 'upper' || _ === 'over' || _ === 'regions' || _ === 'cuts' || _ === 'paint')) {
              return (
                (X.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: _ },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (u === e) {
            if (s.lower !== void 0) {
              let _ = e;
              ue(s.lower, {
                instancePath: r + '/lower',
                parentData: s,
                parentDataProperty: 'lower',
                rootData: H,
                dynamicAnchors: ee,
              }) || ((l = l === null ? ue.errors : l.concat(ue.errors)), (e = l.length));
              var i = _ === e;
            } else var i = !0;
            if (i) {
              if (s.upper !== void 0) {
                let _ = e;
                ue(s.upper, {
                  instancePath: r + '/upper',
                  parentData: s,
                  parentDataProperty: 'upper',
                  rootData: H,
                  dynamicAnchors: ee,
                }) || ((l = l === null ? ue.errors : l.concat(ue.errors)), (e = l.length));
                var i = _ === e;
              } else var i = !0;
              if (i) {
                if (s.over !== void 0) {
                  let _ = e;
                  if (typeof s.over != 'boolean')
                    return (
                      (X.errors = [
                        {
                          instancePath: r + '/over',
                          schemaPath: '#/properties/over/type',
                          keyword: 'type',
                          params: { type: 'boolean' },
                          message: 'must be boolean',
                        },
                      ]),
                      !1
                    );
                  var i = _ === e;
                } else var i = !0;
                if (i) {
                  if (s.regions !== void 0) {
                    let _ = s.regions,
                      A = e;
                    if (e === A)
                      if (Array.isArray(_)) {
                        if (_.length > 1e4)
                          return (
                            (X.errors = [
                              {
                                instancePath: r + '/regions',
                                schemaPath: '#/properties/regions/maxItems',
                                keyword: 'maxItems',
                                params: { limit: 1e4 },
                                message: 'must NOT have more than 10000 items',
                              },
                            ]),
                            !1
                          );
                        {
                          var T = !0;
                          let j = _.length;
                          for (let p = 0; p < j; p++) {
                            let x = _[p],
                              Y = e;
                            if (e === Y)
                              if (x && typeof x == 'object' && !Array.isArray(x)) {
                                let o;
                                if ((x.at === void 0 && (o = 'at')) || (x.over === void 0 && (o = 'over')))
                                  return (
                                    (X.errors = [
                                      {
                                        instancePath: r + '/regions/' + p,
                                        schemaPath: '#/properties/regions/items/required',
                                        keyword: 'required',
                                        params: { missingProperty: o },
                                        message: "must have required property '" + o + "'",
                                      },
                                    ]),
                                    !1
                                  );
                                {
                                  let h = e;
                                  for (let t in x)
                                    if (!(t === 'at' || t === 'over')) {
                                      return (
                                        (X.errors = [
                                          {
                                            instancePath: r + '/regions/' + p,
                                            schemaPath: '#/properties/regions/items/additionalProperties',
                                            keyword: 'additionalProperties',
                                            params: { additionalProperty: t },
                                            message: 'must NOT have additional properties',
                                          },
                                        ]),
                                        !1
                                      );
                                      break;
                                    }
                                  if (h === e) {
                                    if (x.at !== void 0) {
                                      let t = x.at,
                                        m = e;
                                      if (e === e)
                                        if (t && typeof t == 'object' && !Array.isArray(t)) {
                                          let f;
                                          if ((t.x === void 0 && (f = 'x')) || (t.y === void 0 && (f = 'y')))
                                            return (
                                              (X.errors = [
                                                {
                                                  instancePath: r + '/regions/' + p + '/at',
                                                  schemaPath: '#/$defs/point/required',
                                                  keyword: 'required',
                                                  params: { missingProperty: f },
                                                  message: "must have required property '" + f + "'",
                                                },
                                              ]),
                                              !1
                                            );
                                          {
                                            let g = e;
                                            for (let d in t)
                                              if (!(d === 'x' || d === 'y')) {
                                                return (
                                                  (X.errors = [
                                                    {
                                                      instancePath: r + '/regions/' + p + '/at',
                                                      schemaPath: '#/$defs/point/additionalProperties',
                                                      keyword: 'additionalProperties',
                                                      params: { additionalProperty: d },
                                                      message: 'must NOT have additional properties',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                                break;
                                              }
                                            if (g === e) {
                                              if (t.x !== void 0) {
                                                let d = t.x,
                                                  y = e;
                                                if (e === y)
                                                  if (typeof d == 'number' && isFinite(d)) {
                                                    if (d > 1e6 || isNaN(d))
                                                      return (
                                                        (X.errors = [
                                                          {
                                                            instancePath: r + '/regions/' + p + '/at/x',
                                                            schemaPath: '#/$defs/point/properties/x/maximum',
                                                            keyword: 'maximum',
                                                            params: { comparison: '<=', limit: 1e6 },
                                                            message: 'must be <= 1000000',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                    if (d < -1e6 || isNaN(d))
                                                      return (
                                                        (X.errors = [
                                                          {
                                                            instancePath: r + '/regions/' + p + '/at/x',
                                                            schemaPath: '#/$defs/point/properties/x/minimum',
                                                            keyword: 'minimum',
                                                            params: { comparison: '>=', limit: -1e6 },
                                                            message: 'must be >= -1000000',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  } else
                                                    return (
                                                      (X.errors = [
                                                        {
                                                          instancePath: r + '/regions/' + p + '/at/x',
                                                          schemaPath: '#/$defs/point/properties/x/type',
                                                          keyword: 'type',
                                                          params: { type: 'number' },
                                                          message: 'must be number',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                var q = y === e;
                                              } else var q = !0;
                                              if (q)
                                                if (t.y !== void 0) {
                                                  let d = t.y,
                                                    y = e;
                                                  if (e === y)
                                                    if (typeof d == 'number' && isFinite(d)) {
                                                      if (d > 1e6 || isNaN(d))
                                                        return (
                                                          (X.errors = [
                                                            {
                                                              instancePath: r + '/regions/' + p + '/at/y',
                                                              schemaPath: '#/$defs/point/properties/y/maximum',
                                                              keyword: 'maximum',
                                                              params: { comparison: '<=', limit: 1e6 },
                                                              message: 'must be <= 1000000',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                      if (d < -1e6 || isNaN(d))
                                                        return (
                                                          (X.errors = [
                                                            {
                                                              instancePath: r + '/regions/' + p + '/at/y',
                                                              schemaPath: '#/$defs/point/properties/y/minimum',
                                                              keyword: 'minimum',
                                                              params: { comparison: '>=', limit: -1e6 },
                                                              message: 'must be >= -1000000',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    } else
                                                      return (
                                                        (X.errors = [
                                                          {
                                                            instancePath: r + '/regions/' + p + '/at/y',
                                                            schemaPath: '#/$defs/point/properties/y/type',
                                                            keyword: 'type',
                                                            params: { type: 'number' },
                                                            message: 'must be number',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  var q = y === e;
                                                } else var q = !0;
                                            }
                                          }
                                        } else
                                          return (
                                            (X.errors = [
                                              {
                                                instancePath: r + '/regions/' + p + '/at',
                                                schemaPath: '#/$defs/point/type',
                                                keyword: 'type',
                                                params: { type: 'object' },
                                                message: 'must be object',
                                              },
                                            ]),
                                            !1
                                          );
                                      var P = m === e;
                                    } else var P = !0;
                                    if (P)
                                      if (x.over !== void 0) {
                                        let t = e;
                                        if (typeof x.over != 'boolean')
                                          return (
                                            (X.errors = [
                                              {
                                                instancePath: r + '/regions/' + p + '/over',
                                                schemaPath: '#/properties/regions/items/properties/over/type',
                                                keyword: 'type',
                                                params: { type: 'boolean' },
                                                message: 'must be boolean',
                                              },
                                            ]),
                                            !1
                                          );
                                        var P = t === e;
                                      } else var P = !0;
                                  }
                                }
                              } else
                                return (
                                  (X.errors = [
                                    {
                                      instancePath: r + '/regions/' + p,
                                      schemaPath: '#/properties/regions/items/type',
                                      keyword: 'type',
                                      params: { type: 'object' },
                                      message: 'must be object',
                                    },
                                  ]),
                                  !1
                                );
                            var T = Y === e;
                            if (!T) break;
                          }
                        }
                      } else
                        return (
                          (X.errors = [
                            {
                              instancePath: r + '/regions',
                              schemaPath: '#/properties/regions/type',
                              keyword: 'type',
                              params: { type: 'array' },
                              message: 'must be array',
                            },
                          ]),
                          !1
                        );
                    var i = A === e;
                  } else var i = !0;
                  if (i) {
                    if (s.cuts !== void 0) {
                      let _ = s.cuts,
                        A = e;
                      if (e === A)
                        if (Array.isArray(_)) {
                          if (_.length > 1e4)
                            return (
                              (X.errors = [
                                {
                                  instancePath: r + '/cuts',
                                  schemaPath: '#/properties/cuts/maxItems',
                                  keyword: 'maxItems',
                                  params: { limit: 1e4 },
                                  message: 'must NOT have more than 10000 items',
                                },
                              ]),
                              !1
                            );
                          {
                            var k = !0;
                            let j = _.length;
                            for (let p = 0; p < j; p++) {
                              let x = _[p],
                                Y = e;
                              if (e === Y)
                                if (Array.isArray(x)) {
                                  if (x.length > 1e4)
                                    return (
                                      (X.errors = [
                                        {
                                          instancePath: r + '/cuts/' + p,
                                          schemaPath: '#/properties/cuts/items/maxItems',
                                          keyword: 'maxItems',
                                          params: { limit: 1e4 },
                                          message: 'must NOT have more than 10000 items',
                                        },
                                      ]),
                                      !1
                                    );
                                  if (x.length < 2)
                                    return (
                                      (X.errors = [
                                        {
                                          instancePath: r + '/cuts/' + p,
                                          schemaPath: '#/properties/cuts/items/minItems',
                                          keyword: 'minItems',
                                          params: { limit: 2 },
                                          message: 'must NOT have fewer than 2 items',
                                        },
                                      ]),
                                      !1
                                    );
                                  {
                                    var E = !0;
                                    let o = x.length;
                                    for (let h = 0; h < o; h++) {
                                      let t = x[h],
                                        m = e;
                                      if (e === e)
                                        if (t && typeof t == 'object' && !Array.isArray(t)) {
                                          let g;
                                          if ((t.x === void 0 && (g = 'x')) || (t.y === void 0 && (g = 'y')))
                                            return (
                                              (X.errors = [
                                                {
                                                  instancePath: r + '/cuts/' + p + '/' + h,
                                                  schemaPath: '#/$defs/point/required',
                                                  keyword: 'required',
                                                  params: { missingProperty: g },
                                                  message: "must have required property '" + g + "'",
                                                },
                                              ]),
                                              !1
                                            );
                                          {
                                            let d = e;
                                            for (let y in t)
                                              if (!(y === 'x' || y === 'y')) {
                                                return (
                                                  (X.errors = [
                                                    {
                                                      instancePath: r + '/cuts/' + p + '/' + h,
                                                      schemaPath: '#/$defs/point/additionalProperties',
                                                      keyword: 'additionalProperties',
                                                      params: { additionalProperty: y },
                                                      message: 'must NOT have additional properties',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                                break;
                                              }
                                            if (d === e) {
                                              if (t.x !== void 0) {
                                                let y = t.x,
                                                  C = e;
                                                if (e === C)
                                                  if (typeof y == 'number' && isFinite(y)) {
                                                    if (y > 1e6 || isNaN(y))
                                                      return (
                                                        (X.errors = [
                                                          {
                                                            instancePath: r + '/cuts/' + p + '/' + h + '/x',
                                                            schemaPath: '#/$defs/point/properties/x/maximum',
                                                            keyword: 'maximum',
                                                            params: { comparison: '<=', limit: 1e6 },
                                                            message: 'must be <= 1000000',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                    if (y < -1e6 || isNaN(y))
                                                      return (
                                                        (X.errors = [
                                                          {
                                                            instancePath: r + '/cuts/' + p + '/' + h + '/x',
                                                            schemaPath: '#/$defs/point/properties/x/minimum',
                                                            keyword: 'minimum',
                                                            params: { comparison: '>=', limit: -1e6 },
                                                            message: 'must be >= -1000000',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  } else
                                                    return (
                                                      (X.errors = [
                                                        {
                                                          instancePath: r + '/cuts/' + p + '/' + h + '/x',
                                                          schemaPath: '#/$defs/point/properties/x/type',
                                                          keyword: 'type',
                                                          params: { type: 'number' },
                                                          message: 'must be number',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                var a = C === e;
                                              } else var a = !0;
                                              if (a)
                                                if (t.y !== void 0) {
                                                  let y = t.y,
                                                    C = e;
                                                  if (e === C)
                                                    if (typeof y == 'number' && isFinite(y)) {
                                                      if (y > 1e6 || isNaN(y))
                                                        return (
                                                          (X.errors = [
                                                            {
                                                              instancePath: r + '/cuts/' + p + '/' + h + '/y',
                                                              schemaPath: '#/$defs/point/properties/y/maximum',
                                                              keyword: 'maximum',
                                                              params: { comparison: '<=', limit: 1e6 },
                                                              message: 'must be <= 1000000',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                      if (y < -1e6 || isNaN(y))
                                                        return (
                                                          (X.errors = [
                                                            {
                                                              instancePath: r + '/cuts/' + p + '/' + h + '/y',
                                                              schemaPath: '#/$defs/point/properties/y/minimum',
                                                              keyword: 'minimum',
                                                              params: { comparison: '>=', limit: -1e6 },
                                                              message: 'must be >= -1000000',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    } else
                                                      return (
                                                        (X.errors = [
                                                          {
                                                            instancePath: r + '/cuts/' + p + '/' + h + '/y',
                                                            schemaPath: '#/$defs/point/properties/y/type',
                                                            keyword: 'type',
                                                            params: { type: 'number' },
                                                            message: 'must be number',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  var a = C === e;
                                                } else var a = !0;
                                            }
                                          }
                                        } else
                                          return (
                                            (X.errors = [
                                              {
                                                instancePath: r + '/cuts/' + p + '/' + h,
                                                schemaPath: '#/$defs/point/type',
                                                keyword: 'type',
                                                params: { type: 'object' },
                                                message: 'must be object',
                                              },
                                            ]),
                                            !1
                                          );
                                      var E = m === e;
                                      if (!E) break;
                                    }
                                  }
                                } else
                                  return (
                                    (X.errors = [
                                      {
                                        instancePath: r + '/cuts/' + p,
                                        schemaPath: '#/properties/cuts/items/type',
                                        keyword: 'type',
                                        params: { type: 'array' },
                                        message: 'must be array',
                                      },
                                    ]),
                                    !1
                                  );
                              var k = Y === e;
                              if (!k) break;
                            }
                          }
                        } else
                          return (
                            (X.errors = [
                              {
                                instancePath: r + '/cuts',
                                schemaPath: '#/properties/cuts/type',
                                keyword: 'type',
                                params: { type: 'array' },
                                message: 'must be array',
                              },
                            ]),
                            !1
                          );
                      var i = A === e;
                    } else var i = !0;
                    if (i)
                      if (s.paint !== void 0) {
                        let _ = s.paint,
                          A = e;
                        if (e === A)
                          if (Array.isArray(_)) {
                            if (_.length > 1e4)
                              return (
                                (X.errors = [
                                  {
                                    instancePath: r + '/paint',
                                    schemaPath: '#/properties/paint/maxItems',
                                    keyword: 'maxItems',
                                    params: { limit: 1e4 },
                                    message: 'must NOT have more than 10000 items',
                                  },
                                ]),
                                !1
                              );
                            {
                              var F = !0;
                              let j = _.length;
                              for (let p = 0; p < j; p++) {
                                let x = _[p],
                                  Y = e;
                                if (e === Y)
                                  if (x && typeof x == 'object' && !Array.isArray(x)) {
                                    let o;
                                    if (
                                      (x.points === void 0 && (o = 'points')) ||
                                      (x.width === void 0 && (o = 'width')) ||
                                      (x.over === void 0 && (o = 'over'))
                                    )
                                      return (
                                        (X.errors = [
                                          {
                                            instancePath: r + '/paint/' + p,
                                            schemaPath: '#/properties/paint/items/required',
                                            keyword: 'required',
                                            params: { missingProperty: o },
                                            message: "must have required property '" + o + "'",
                                          },
                                        ]),
                                        !1
                                      );
                                    {
                                      let h = e;
                                      for (let t in x)
                                        if (!(t === 'points' || t === 'width' || t === 'over')) {
                                          return (
                                            (X.errors = [
                                              {
                                                instancePath: r + '/paint/' + p,
                                                schemaPath: '#/properties/paint/items/additionalProperties',
                                                keyword: 'additionalProperties',
                                                params: { additionalProperty: t },
                                                message: 'must NOT have additional properties',
                                              },
                                            ]),
                                            !1
                                          );
                                          break;
                                        }
                                      if (h === e) {
                                        if (x.points !== void 0) {
                                          let t = x.points,
                                            m = e;
                                          if (e === m)
                                            if (Array.isArray(t)) {
                                              if (t.length > 1e4)
                                                return (
                                                  (X.errors = [
                                                    {
                                                      instancePath: r + '/paint/' + p + '/points',
                                                      schemaPath: '#/properties/paint/items/properties/points/maxItems',
                                                      keyword: 'maxItems',
                                                      params: { limit: 1e4 },
                                                      message: 'must NOT have more than 10000 items',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              {
                                                var Z = !0;
                                                let I = t.length;
                                                for (let f = 0; f < I; f++) {
                                                  let g = t[f],
                                                    d = e;
                                                  if (e === e)
                                                    if (g && typeof g == 'object' && !Array.isArray(g)) {
                                                      let se;
                                                      if ((g.x === void 0 && (se = 'x')) || (g.y === void 0 && (se = 'y')))
                                                        return (
                                                          (X.errors = [
                                                            {
                                                              instancePath: r + '/paint/' + p + '/points/' + f,
                                                              schemaPath: '#/$defs/point/required',
                                                              keyword: 'required',
                                                              params: { missingProperty: se },
                                                              message: "must have required property '" + se + "'",
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                      {
                                                        let Q = e;
                                                        for (let K in g)
                                                          if (!(K === 'x' || K === 'y')) {
                                                            return (
                                                              (X.errors = [
                                                                {
                                                                  instancePath: r + '/paint/' + p + '/points/' + f,
                                                                  schemaPath: '#/$defs/point/additionalProperties',
                                                                  keyword: 'additionalProperties',
                                                                  params: { additionalProperty: K },
                                                                  message: 'must NOT have additional properties',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                            break;
                                                          }
                                                        if (Q === e) {
                                                          if (g.x !== void 0) {
                                                            let K = g.x,
                                                              $ = e;
                                                            if (e === $)
                                                              if (typeof K == 'number' && isFinite(K)) {
                                                                if (K > 1e6 || isNaN(K))
                                                                  return (
                                                                    (X.errors = [
                                                                      {
                                                                        instancePath: r + '/paint/' + p + '/points/' + f + '/x',
                                                                        schemaPath: '#/$defs/point/properties/x/maximum',
                                                                        keyword: 'maximum',
                                                                        params: { comparison: '<=', limit: 1e6 },
                                                                        message: 'must be <= 1000000',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                                if (K < -1e6 || isNaN(K))
                                                                  return (
                                                                    (X.errors = [
                                                                      {
                                                                        instancePath: r + '/paint/' + p + '/points/' + f + '/x',
                                                                        schemaPath: '#/$defs/point/properties/x/minimum',
                                                                        keyword: 'minimum',
                                                                        params: { comparison: '>=', limit: -1e6 },
                                                                        message: 'must be >= -1000000',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                              } else
                                                                return (
                                                                  (X.errors = [
                                                                    {
                                                                      instancePath: r + '/paint/' + p + '/points/' + f + '/x',
                                                                      schemaPath: '#/$defs/point/properties/x/type',
                                                                      keyword: 'type',
                                                                      params: { type: 'number' },
                                                                      message: 'must be number',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                            var z = $ === e;
                                                          } else var z = !0;
                                                          if (z)
                                                            if (g.y !== void 0) {
                                                              let K = g.y,
                                                                $ = e;
                                                              if (e === $)
                                                                if (typeof K == 'number' && isFinite(K)) {
                                                                  if (K > 1e6 || isNaN(K))
                                                                    return (
                                                                      (X.errors = [
                                                                        {
                                                                          instancePath: r + '/paint/' + p + '/points/' + f + '/y',
                                                                          schemaPath: '#/$defs/point/properties/y/maximum',
                                                                          keyword: 'maximum',
                                                                          params: { comparison: '<=', limit: 1e6 },
                                                                          message: 'must be <= 1000000',
                                                                        },
                                                                      ]),
                                                                      !1
                                                                    );
                                                                  if (K < -1e6 || isNaN(K))
                                                                    return (
                                                                      (X.errors = [
                                                                        {
                                                                          instancePath: r + '/paint/' + p + '/points/' + f + '/y',
                                                                          schemaPath: '#/$defs/point/properties/y/minimum',
                                                                          keyword: 'minimum',
                                                                          params: { comparison: '>=', limit: -1e6 },
                                                                          message: 'must be >= -1000000',
                                                                        },
                                                                      ]),
                                                                      !1
                                                                    );
                                                                } else
                                                                  return (
                                                                    (X.errors = [
                                                                      {
                                                                        instancePath: r + '/paint/' + p + '/points/' + f + '/y',
                                                                        schemaPath: '#/$defs/point/properties/y/type',
                                                                        keyword: 'type',
                                                                        params: { type: 'number' },
                                                                        message: 'must be number',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                              var z = $ === e;
                                                            } else var z = !0;
                                                        }
                                                      }
                                                    } else
                                                      return (
                                                        (X.errors = [
                                                          {
                                                            instancePath: r + '/paint/' + p + '/points/' + f,
                                                            schemaPath: '#/$defs/point/type',
                                                            keyword: 'type',
                                                            params: { type: 'object' },
                                                            message: 'must be object',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  var Z = d === e;
                                                  if (!Z) break;
                                                }
                                              }
                                            } else
                                              return (
                                                (X.errors = [
                                                  {
                                                    instancePath: r + '/paint/' + p + '/points',
                                                    schemaPath: '#/properties/paint/items/properties/points/type',
                                                    keyword: 'type',
                                                    params: { type: 'array' },
                                                    message: 'must be array',
                                                  },
                                                ]),
                                                !1
                                              );
                                          var b = m === e;
                                        } else var b = !0;
                                        if (b) {
                                          if (x.width !== void 0) {
                                            let t = x.width,
                                              m = e;
                                            if (e === m)
                                              if (typeof t == 'number' && isFinite(t)) {
                                                if (t > 1e5 || isNaN(t))
                                                  return (
                                                    (X.errors = [
                                                      {
                                                        instancePath: r + '/paint/' + p + '/width',
                                                        schemaPath: '#/properties/paint/items/properties/width/maximum',
                                                        keyword: 'maximum',
                                                        params: { comparison: '<=', limit: 1e5 },
                                                        message: 'must be <= 100000',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                                if (t <= 0 || isNaN(t))
                                                  return (
                                                    (X.errors = [
                                                      {
                                                        instancePath: r + '/paint/' + p + '/width',
                                                        schemaPath: '#/properties/paint/items/properties/width/exclusiveMinimum',
                                                        keyword: 'exclusiveMinimum',
                                                        params: { comparison: '>', limit: 0 },
                                                        message: 'must be > 0',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              } else
                                                return (
                                                  (X.errors = [
                                                    {
                                                      instancePath: r + '/paint/' + p + '/width',
                                                      schemaPath: '#/properties/paint/items/properties/width/type',
                                                      keyword: 'type',
                                                      params: { type: 'number' },
                                                      message: 'must be number',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var b = m === e;
                                          } else var b = !0;
                                          if (b)
                                            if (x.over !== void 0) {
                                              let t = e;
                                              if (typeof x.over != 'boolean')
                                                return (
                                                  (X.errors = [
                                                    {
                                                      instancePath: r + '/paint/' + p + '/over',
                                                      schemaPath: '#/properties/paint/items/properties/over/type',
                                                      keyword: 'type',
                                                      params: { type: 'boolean' },
                                                      message: 'must be boolean',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              var b = t === e;
                                            } else var b = !0;
                                        }
                                      }
                                    }
                                  } else
                                    return (
                                      (X.errors = [
                                        {
                                          instancePath: r + '/paint/' + p,
                                          schemaPath: '#/properties/paint/items/type',
                                          keyword: 'type',
                                          params: { type: 'object' },
                                          message: 'must be object',
                                        },
                                      ]),
                                      !1
                                    );
                                var F = Y === e;
                                if (!F) break;
                              }
                            }
                          } else
                            return (
                              (X.errors = [
                                {
                                  instancePath: r + '/paint',
                                  schemaPath: '#/properties/paint/type',
                                  keyword: 'type',
                                  params: { type: 'array' },
                                  message: 'must be array',
                                },
                              ]),
                              !1
                            );
                        var i = A === e;
                      } else var i = !0;
                  }
                }
              }
            }
          }
        }
      } else
        return (
          (X.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((X.errors = l), e === 0);
  }
  X.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function N(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = N.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let w;
        if (
          (s.id === void 0 && (w = 'id')) ||
          (s.name === void 0 && (w = 'name')) ||
          (s.width === void 0 && (w = 'width')) ||
          (s.height === void 0 && (w = 'height')) ||
          (s.dpi === void 0 && (w = 'dpi')) ||
          (s.bleed === void 0 && (w = 'bleed')) ||
          (s.margin === void 0 && (w = 'margin')) ||
          (s.background === void 0 && (w = 'background')) ||
          (s.placements === void 0 && (w = 'placements')) ||
          (s.guides === void 0 && (w = 'guides')) ||
          (s.items === void 0 && (w = 'items')) ||
          (s.crossings === void 0 && (w = 'crossings'))
        )
          return (
            (N.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: w },
                message: "must have required property '" + w + "'",
              },
            ]),
            !1
          );
        {
          let j = e;
          for (let p in s)
            if (!xe.call(Ze.properties, p)) {
              return (
                (N.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: p },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (j === e) {
            if (s.id !== void 0) {
              let p = s.id,
                x = e;
              if (e === e)
                if (typeof p == 'string') {
                  if (!pe.test(p))
                    return (
                      (N.errors = [
                        {
                          instancePath: r + '/id',
                          schemaPath: '#/$defs/id/pattern',
                          keyword: 'pattern',
                          params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                          message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                        },
                      ]),
                      !1
                    );
                } else
                  return (
                    (N.errors = [
                      {
                        instancePath: r + '/id',
                        schemaPath: '#/$defs/id/type',
                        keyword: 'type',
                        params: { type: 'string' },
                        message: 'must be string',
                      },
                    ]),
                    !1
                  );
              var i = x === e;
            } else var i = !0;
            if (i) {
              if (s.name !== void 0) {
                let p = s.name,
                  x = e;
                if (e === e)
                  if (typeof p == 'string') {
                    if (fe(p) > 200)
                      return (
                        (N.errors = [
                          {
                            instancePath: r + '/name',
                            schemaPath: '#/$defs/name/maxLength',
                            keyword: 'maxLength',
                            params: { limit: 200 },
                            message: 'must NOT have more than 200 characters',
                          },
                        ]),
                        !1
                      );
                  } else
                    return (
                      (N.errors = [
                        {
                          instancePath: r + '/name',
                          schemaPath: '#/$defs/name/type',
                          keyword: 'type',
                          params: { type: 'string' },
                          message: 'must be string',
                        },
                      ]),
                      !1
                    );
                var i = x === e;
              } else var i = !0;
              if (i) {
                if (s.width !== void 0) {
                  let p = s.width,
                    x = e;
                  if (e === x)
                    if (typeof p == 'number' && isFinite(p)) {
                      if (p > 3e4 || isNaN(p))
                        return (
                          (N.errors = [
                            {
                              instancePath: r + '/width',
                              schemaPath: '#/properties/width/maximum',
                              keyword: 'maximum',
                              params: { comparison: '<=', limit: 3e4 },
                              message: 'must be <= 30000',
                            },
                          ]),
                          !1
                        );
                      if (p < 1 || isNaN(p))
                        return (
                          (N.errors = [
                            {
                              instancePath: r + '/width',
                              schemaPath: '#/properties/width/minimum',
                              keyword: 'minimum',
                              params: { comparison: '>=', limit: 1 },
                              message: 'must be >= 1',
                            },
                          ]),
                          !1
                        );
                    } else
                      return (
                        (N.errors = [
                          {
                            instancePath: r + '/width',
                            schemaPath: '#/properties/width/type',
                            keyword: 'type',
                            params: { type: 'number' },
                            message: 'must be number',
                          },
                        ]),
                        !1
                      );
                  var i = x === e;
                } else var i = !0;
                if (i) {
                  if (s.height !== void 0) {
                    let p = s.height,
                      x = e;
                    if (e === x)
                      if (typeof p == 'number' && isFinite(p)) {
                        if (p > 3e4 || isNaN(p))
                          return (
                            (N.errors = [
                              {
                                instancePath: r + '/height',
                                schemaPath: '#/properties/height/maximum',
                                keyword: 'maximum',
                                params: { comparison: '<=', limit: 3e4 },
                                message: 'must be <= 30000',
                              },
                            ]),
                            !1
                          );
                        if (p < 1 || isNaN(p))
                          return (
                            (N.errors = [
                              {
                                instancePath: r + '/height',
                                schemaPath: '#/properties/height/minimum',
                                keyword: 'minimum',
                                params: { comparison: '>=', limit: 1 },
                                message: 'must be >= 1',
                              },
                            ]),
                            !1
                          );
                      } else
                        return (
                          (N.errors = [
                            {
                              instancePath: r + '/height',
                              schemaPath: '#/properties/height/type',
                              keyword: 'type',
                              params: { type: 'number' },
                              message: 'must be number',
                            },
                          ]),
                          !1
                        );
                    var i = x === e;
                  } else var i = !0;
                  if (i) {
                    if (s.dpi !== void 0) {
                      let p = s.dpi,
                        x = e;
                      if (e === x)
                        if (typeof p == 'number' && isFinite(p)) {
                          if (p > 2400 || isNaN(p))
                            return (
                              (N.errors = [
                                {
                                  instancePath: r + '/dpi',
                                  schemaPath: '#/properties/dpi/maximum',
                                  keyword: 'maximum',
                                  params: { comparison: '<=', limit: 2400 },
                                  message: 'must be <= 2400',
                                },
                              ]),
                              !1
                            );
                          if (p < 1 || isNaN(p))
                            return (
                              (N.errors = [
                                {
                                  instancePath: r + '/dpi',
                                  schemaPath: '#/properties/dpi/minimum',
                                  keyword: 'minimum',
                                  params: { comparison: '>=', limit: 1 },
                                  message: 'must be >= 1',
                                },
                              ]),
                              !1
                            );
                        } else
                          return (
                            (N.errors = [
                              {
                                instancePath: r + '/dpi',
                                schemaPath: '#/properties/dpi/type',
                                keyword: 'type',
                                params: { type: 'number' },
                                message: 'must be number',
                              },
                            ]),
                            !1
                          );
                      var i = x === e;
                    } else var i = !0;
                    if (i) {
                      if (s.bleed !== void 0) {
                        let p = s.bleed,
                          x = e;
                        if (e === x)
                          if (typeof p == 'number' && isFinite(p)) {
                            if (p > 1e5 || isNaN(p))
                              return (
                                (N.errors = [
                                  {
                                    instancePath: r + '/bleed',
                                    schemaPath: '#/properties/bleed/maximum',
                                    keyword: 'maximum',
                                    params: { comparison: '<=', limit: 1e5 },
                                    message: 'must be <= 100000',
                                  },
                                ]),
                                !1
                              );
                            if (p < 0 || isNaN(p))
                              return (
                                (N.errors = [
                                  {
                                    instancePath: r + '/bleed',
                                    schemaPath: '#/properties/bleed/minimum',
                                    keyword: 'minimum',
                                    params: { comparison: '>=', limit: 0 },
                                    message: 'must be >= 0',
                                  },
                                ]),
                                !1
                              );
                          } else
                            return (
                              (N.errors = [
                                {
                                  instancePath: r + '/bleed',
                                  schemaPath: '#/properties/bleed/type',
                                  keyword: 'type',
                                  params: { type: 'number' },
                                  message: 'must be number',
                                },
                              ]),
                              !1
                            );
                        var i = x === e;
                      } else var i = !0;
                      if (i) {
                        if (s.margin !== void 0) {
                          let p = s.margin,
                            x = e;
                          if (e === x)
                            if (typeof p == 'number' && isFinite(p)) {
                              if (p > 1e5 || isNaN(p))
                                return (
                                  (N.errors = [
                                    {
                                      instancePath: r + '/margin',
                                      schemaPath: '#/properties/margin/maximum',
                                      keyword: 'maximum',
                                      params: { comparison: '<=', limit: 1e5 },
                                      message: 'must be <= 100000',
                                    },
                                  ]),
                                  !1
                                );
                              if (p < 0 || isNaN(p))
                                return (
                                  (N.errors = [
                                    {
                                      instancePath: r + '/margin',
                                      schemaPath: '#/properties/margin/minimum',
                                      keyword: 'minimum',
                                      params: { comparison: '>=', limit: 0 },
                                      message: 'must be >= 0',
                                    },
                                  ]),
                                  !1
                                );
                            } else
                              return (
                                (N.errors = [
                                  {
                                    instancePath: r + '/margin',
                                    schemaPath: '#/properties/margin/type',
                                    keyword: 'type',
                                    params: { type: 'number' },
                                    message: 'must be number',
                                  },
                                ]),
                                !1
                              );
                          var i = x === e;
                        } else var i = !0;
                        if (i) {
                          if (s.folds !== void 0) {
                            let p = s.folds,
                              x = e;
                            if (e === x)
                              if (Array.isArray(p)) {
                                if (p.length > 20)
                                  return (
                                    (N.errors = [
                                      {
                                        instancePath: r + '/folds',
                                        schemaPath: '#/properties/folds/maxItems',
                                        keyword: 'maxItems',
                                        params: { limit: 20 },
                                        message: 'must NOT have more than 20 items',
                                      },
                                    ]),
                                    !1
                                  );
                                {
                                  var T = !0;
                                  let O = p.length;
                                  for (let o = 0; o < O; o++) {
                                    let h = p[o],
                                      t = e;
                                    if (e === t)
                                      if (h && typeof h == 'object' && !Array.isArray(h)) {
                                        let I;
                                        if ((h.axis === void 0 && (I = 'axis')) || (h.at === void 0 && (I = 'at')))
                                          return (
                                            (N.errors = [
                                              {
                                                instancePath: r + '/folds/' + o,
                                                schemaPath: '#/properties/folds/items/required',
                                                keyword: 'required',
                                                params: { missingProperty: I },
                                                message: "must have required property '" + I + "'",
                                              },
                                            ]),
                                            !1
                                          );
                                        {
                                          let f = e;
                                          for (let g in h)
                                            if (!(g === 'axis' || g === 'at')) {
                                              return (
                                                (N.errors = [
                                                  {
                                                    instancePath: r + '/folds/' + o,
                                                    schemaPath: '#/properties/folds/items/additionalProperties',
                                                    keyword: 'additionalProperties',
                                                    params: { additionalProperty: g },
                                                    message: 'must NOT have additional properties',
                                                  },
                                                ]),
                                                !1
                                              );
                                              break;
                                            }
                                          if (f === e) {
                                            if (h.axis !== void 0) {
                                              let g = h.axis,
                                                d = e;
                                              if (!(g === 'horizontal' || g === 'vertical'))
                                                return (
                                                  (N.errors = [
                                                    {
                                                      instancePath: r + '/folds/' + o + '/axis',
                                                      schemaPath: '#/$defs/axis/enum',
                                                      keyword: 'enum',
                                                      params: { allowedValues: Ie.enum },
                                                      message: 'must be equal to one of the allowed values',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              var q = d === e;
                                            } else var q = !0;
                                            if (q)
                                              if (h.at !== void 0) {
                                                let g = h.at,
                                                  d = e;
                                                if (e === d)
                                                  if (typeof g == 'number' && isFinite(g)) {
                                                    if (g > 1e6 || isNaN(g))
                                                      return (
                                                        (N.errors = [
                                                          {
                                                            instancePath: r + '/folds/' + o + '/at',
                                                            schemaPath: '#/properties/folds/items/properties/at/maximum',
                                                            keyword: 'maximum',
                                                            params: { comparison: '<=', limit: 1e6 },
                                                            message: 'must be <= 1000000',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                    if (g < -1e6 || isNaN(g))
                                                      return (
                                                        (N.errors = [
                                                          {
                                                            instancePath: r + '/folds/' + o + '/at',
                                                            schemaPath: '#/properties/folds/items/properties/at/minimum',
                                                            keyword: 'minimum',
                                                            params: { comparison: '>=', limit: -1e6 },
                                                            message: 'must be >= -1000000',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                  } else
                                                    return (
                                                      (N.errors = [
                                                        {
                                                          instancePath: r + '/folds/' + o + '/at',
                                                          schemaPath: '#/properties/folds/items/properties/at/type',
                                                          keyword: 'type',
                                                          params: { type: 'number' },
                                                          message: 'must be number',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                var q = d === e;
                                              } else var q = !0;
                                          }
                                        }
                                      } else
                                        return (
                                          (N.errors = [
                                            {
                                              instancePath: r + '/folds/' + o,
                                              schemaPath: '#/properties/folds/items/type',
                                              keyword: 'type',
                                              params: { type: 'object' },
                                              message: 'must be object',
                                            },
                                          ]),
                                          !1
                                        );
                                    var T = t === e;
                                    if (!T) break;
                                  }
                                }
                              } else
                                return (
                                  (N.errors = [
                                    {
                                      instancePath: r + '/folds',
                                      schemaPath: '#/properties/folds/type',
                                      keyword: 'type',
                                      params: { type: 'array' },
                                      message: 'must be array',
                                    },
                                  ]),
                                  !1
                                );
                            var i = x === e;
                          } else var i = !0;
                          if (i) {
                            if (s.background !== void 0) {
                              let p = e;
                              v(s.background, {
                                instancePath: r + '/background',
                                parentData: s,
                                parentDataProperty: 'background',
                                rootData: H,
                                dynamicAnchors: ee,
                              }) || ((l = l === null ? v.errors : l.concat(v.errors)), (e = l.length));
                              var i = p === e;
                            } else var i = !0;
                            if (i) {
                              if (s.veil !== void 0) {
                                let p = s.veil,
                                  x = e;
                                if (e === x)
                                  if (p && typeof p == 'object' && !Array.isArray(p)) {
                                    let O = e;
                                    for (let o in p)
                                      if (!(o === 'colour' || o === 'strength' || o === 'tone')) {
                                        return (
                                          (N.errors = [
                                            {
                                              instancePath: r + '/veil',
                                              schemaPath: '#/properties/veil/additionalProperties',
                                              keyword: 'additionalProperties',
                                              params: { additionalProperty: o },
                                              message: 'must NOT have additional properties',
                                            },
                                          ]),
                                          !1
                                        );
                                        break;
                                      }
                                    if (O === e) {
                                      if (p.colour !== void 0) {
                                        let o = p.colour,
                                          h = e;
                                        if (e === e)
                                          if (typeof o == 'string') {
                                            if (!ce.test(o))
                                              return (
                                                (N.errors = [
                                                  {
                                                    instancePath: r + '/veil/colour',
                                                    schemaPath: '#/$defs/colour/pattern',
                                                    keyword: 'pattern',
                                                    params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                                    message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                                  },
                                                ]),
                                                !1
                                              );
                                          } else
                                            return (
                                              (N.errors = [
                                                {
                                                  instancePath: r + '/veil/colour',
                                                  schemaPath: '#/$defs/colour/type',
                                                  keyword: 'type',
                                                  params: { type: 'string' },
                                                  message: 'must be string',
                                                },
                                              ]),
                                              !1
                                            );
                                        var P = h === e;
                                      } else var P = !0;
                                      if (P) {
                                        if (p.strength !== void 0) {
                                          let o = p.strength,
                                            h = e;
                                          if (e === h)
                                            if (typeof o == 'number' && isFinite(o)) {
                                              if (o > 1 || isNaN(o))
                                                return (
                                                  (N.errors = [
                                                    {
                                                      instancePath: r + '/veil/strength',
                                                      schemaPath: '#/properties/veil/properties/strength/maximum',
                                                      keyword: 'maximum',
                                                      params: { comparison: '<=', limit: 1 },
                                                      message: 'must be <= 1',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              if (o < 0 || isNaN(o))
                                                return (
                                                  (N.errors = [
                                                    {
                                                      instancePath: r + '/veil/strength',
                                                      schemaPath: '#/properties/veil/properties/strength/minimum',
                                                      keyword: 'minimum',
                                                      params: { comparison: '>=', limit: 0 },
                                                      message: 'must be >= 0',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            } else
                                              return (
                                                (N.errors = [
                                                  {
                                                    instancePath: r + '/veil/strength',
                                                    schemaPath: '#/properties/veil/properties/strength/type',
                                                    keyword: 'type',
                                                    params: { type: 'number' },
                                                    message: 'must be number',
                                                  },
                                                ]),
                                                !1
                                              );
                                          var P = h === e;
                                        } else var P = !0;
                                        if (P)
                                          if (p.tone !== void 0) {
                                            let o = p.tone,
                                              h = e;
                                            if (e === e)
                                              if (o && typeof o == 'object' && !Array.isArray(o)) {
                                                let I = e;
                                                for (let f in o)
                                                  if (!(
                                                    f === 'curve' ||
                                                    f === 'brightness' ||
                                                    f === 'contrast' ||
                                                    f === 'saturation' ||
                                                    f === 'warmth' ||
                                                    f === 'tint'
                                                  )) {
                                                    return (
                                                      (N.errors = [
                                                        {
                                                          instancePath: r + '/veil/tone',
                                                          schemaPath: '#/$defs/tone/additionalProperties',
                                                          keyword: 'additionalProperties',
                                                          params: { additionalProperty: f },
                                                          message: 'must NOT have additional properties',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                    break;
                                                  }
                                                if (I === e) {
                                                  if (o.curve !== void 0) {
                                                    let f = o.curve,
                                                      g = e;
                                                    if (e === g)
                                                      if (Array.isArray(f)) {
                                                        if (f.length > 64)
                                                          return (
                                                            (N.errors = [
                                                              {
                                                                instancePath: r + '/veil/tone/curve',
                                                                schemaPath: '#/$defs/tone/properties/curve/maxItems',
                                                                keyword: 'maxItems',
                                                                params: { limit: 64 },
                                                                message: 'must NOT have more than 64 items',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                        {
                                                          var k = !0;
                                                          let d = f.length;
                                                          for (let y = 0; y < d; y++) {
                                                            let C = f[y],
                                                              se = e;
                                                            if (e === se)
                                                              if (C && typeof C == 'object' && !Array.isArray(C)) {
                                                                let K;
                                                                if (
                                                                  (C.x === void 0 && (K = 'x')) ||
                                                                  (C.y === void 0 && (K = 'y'))
                                                                )
                                                                  return (
                                                                    (N.errors = [
                                                                      {
                                                                        instancePath: r + '/veil/tone/curve/' + y,
                                                                        schemaPath:
                                                                          '#/$defs/tone/properties/curve/items/required',
                                                                        keyword: 'required',
                                                                        params: { missingProperty: K },
                                                                        message: "must have required property '" + K + "'",
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                                {
                                                                  let $ = e;
                                                                  for (let L in C)
                                                                    if (!(L === 'x' || L === 'y')) {
                                                                      return (
                                                                        (N.errors = [
                                                                          {
                                                                            instancePath: r + '/veil/tone/curve/' + y,
                                                                            schemaPath:
                                                                              '#/$defs/tone/properties/curve/items/additionalProperties',
                                                                            keyword: 'additionalProperties',
                                                                            params: { additionalProperty: L },
                                                                            message: 'must NOT have additional properties',
                                                                          },
                                                                        ]),
                                                                        !1
                                                                      );
                                                                      break;
                                                                    }
                                                                  if ($ === e) {
                                                                    if (C.x !== void 0) {
                                                                      let L = C.x,
                                                                        S = e;
                                                                      if (e === S)
                                                                        if (typeof L == 'number' && isFinite(L)) {
                                                                          if (L > 1 || isNaN(L))
                                                                            return (
                                                                              (N.errors = [
                                                                                {
                                                                                  instancePath:
                                                                                    r + '/veil/tone/curve/' + y + '/x',
                                                                                  schemaPath:
                                                                                    '#/$defs/tone/properties/curve/items/properties/x/maximum',
                                                                                  keyword: 'maximum',
                                                                                  params: { comparison: '<=', limit: 1 },
                                                                                  message: 'must be <= 1',
                                                                                },
                                                                              ]),
                                                                              !1
                                                                            );
                                                                          if (L < 0 || isNaN(L))
                                                                            return (
                                                                              (N.errors = [
                                                                                {
                                                                                  instancePath:
                                                                                    r + '/veil/tone/curve/' + y + '/x',
                                                                                  schemaPath:
                                                                                    '#/$defs/tone/properties/curve/items/properties/x/minimum',
                                                                                  keyword: 'minimum',
                                                                                  params: { comparison: '>=', limit: 0 },
                                                                                  message: 'must be >= 0',
                                                                                },
                                                                              ]),
                                                                              !1
                                                                            );
                                                                        } else
                                                                          return (
                                                                            (N.errors = [
                                                                              {
                                                                                instancePath: r + '/veil/tone/curve/' + y + '/x',
                                                                                schemaPath:
                                                                                  '#/$defs/tone/properties/curve/items/properties/x/type',
                                                                                keyword: 'type',
                                                                                params: { type: 'number' },
                                                                                message: 'must be number',
                                                                              },
                                                                            ]),
                                                                            !1
                                                                          );
                                                                      var E = S === e;
                                                                    } else var E = !0;
                                                                    if (E)
                                                                      if (C.y !== void 0) {
                                                                        let L = C.y,
                                                                          S = e;
                                                                        if (e === S)
                                                                          if (typeof L == 'number' && isFinite(L)) {
                                                                            if (L > 1 || isNaN(L))
                                                                              return (
                                                                                (N.errors = [
                                                                                  {
                                                                                    instancePath:
                                                                                      r + '/veil/tone/curve/' + y + '/y',
                                                                                    schemaPath:
                                                                                      '#/$defs/tone/properties/curve/items/properties/y/maximum',
                                                                                    keyword: 'maximum',
                                                                                    params: { comparison: '<=', limit: 1 },
                                                                                    message: 'must be <= 1',
                                                                                  },
                                                                                ]),
                                                                                !1
                                                                              );
                                                                            if (L < 0 || isNaN(L))
                                                                              return (
                                                                                (N.errors = [
                                                                                  {
                                                                                    instancePath:
                                                                                      r + '/veil/tone/curve/' + y + '/y',
                                                                                    schemaPath:
                                                                                      '#/$defs/tone/properties/curve/items/properties/y/minimum',
                                                                                    keyword: 'minimum',
                                                                                    params: { comparison: '>=', limit: 0 },
                                                                                    message: 'must be >= 0',
                                                                                  },
                                                                                ]),
                                                                                !1
                                                                              );
                                                                          } else
                                                                            return (
                                                                              (N.errors = [
                                                                                {
                                                                                  instancePath:
                                                                                    r + '/veil/tone/curve/' + y + '/y',
                                                                                  schemaPath:
                                                                                    '#/$defs/tone/properties/curve/items/properties/y/type',
                                                                                  keyword: 'type',
                                                                                  params: { type: 'number' },
                                                                                  message: 'must be number',
                                                                                },
                                                                              ]),
                                                                              !1
                                                                            );
                                                                        var E = S === e;
                                                                      } else var E = !0;
                                                                  }
                                                                }
                                                              } else
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath: r + '/veil/tone/curve/' + y,
                                                                      schemaPath: '#/$defs/tone/properties/curve/items/type',
                                                                      keyword: 'type',
                                                                      params: { type: 'object' },
                                                                      message: 'must be object',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                            var k = se === e;
                                                            if (!k) break;
                                                          }
                                                        }
                                                      } else
                                                        return (
                                                          (N.errors = [
                                                            {
                                                              instancePath: r + '/veil/tone/curve',
                                                              schemaPath: '#/$defs/tone/properties/curve/type',
                                                              keyword: 'type',
                                                              params: { type: 'array' },
                                                              message: 'must be array',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                    var a = g === e;
                                                  } else var a = !0;
                                                  if (a) {
                                                    if (o.brightness !== void 0) {
                                                      let f = o.brightness,
                                                        g = e;
                                                      if (e === g)
                                                        if (typeof f == 'number' && isFinite(f)) {
                                                          if (f > 1 || isNaN(f))
                                                            return (
                                                              (N.errors = [
                                                                {
                                                                  instancePath: r + '/veil/tone/brightness',
                                                                  schemaPath: '#/$defs/tone/properties/brightness/maximum',
                                                                  keyword: 'maximum',
                                                                  params: { comparison: '<=', limit: 1 },
                                                                  message: 'must be <= 1',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                          if (f < -1 || isNaN(f))
                                                            return (
                                                              (N.errors = [
                                                                {
                                                                  instancePath: r + '/veil/tone/brightness',
                                                                  schemaPath: '#/$defs/tone/properties/brightness/minimum',
                                                                  keyword: 'minimum',
                                                                  params: { comparison: '>=', limit: -1 },
                                                                  message: 'must be >= -1',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        } else
                                                          return (
                                                            (N.errors = [
                                                              {
                                                                instancePath: r + '/veil/tone/brightness',
                                                                schemaPath: '#/$defs/tone/properties/brightness/type',
                                                                keyword: 'type',
                                                                params: { type: 'number' },
                                                                message: 'must be number',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                      var a = g === e;
                                                    } else var a = !0;
                                                    if (a) {
                                                      if (o.contrast !== void 0) {
                                                        let f = o.contrast,
                                                          g = e;
                                                        if (e === g)
                                                          if (typeof f == 'number' && isFinite(f)) {
                                                            if (f > 1 || isNaN(f))
                                                              return (
                                                                (N.errors = [
                                                                  {
                                                                    instancePath: r + '/veil/tone/contrast',
                                                                    schemaPath: '#/$defs/tone/properties/contrast/maximum',
                                                                    keyword: 'maximum',
                                                                    params: { comparison: '<=', limit: 1 },
                                                                    message: 'must be <= 1',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                            if (f < -1 || isNaN(f))
                                                              return (
                                                                (N.errors = [
                                                                  {
                                                                    instancePath: r + '/veil/tone/contrast',
                                                                    schemaPath: '#/$defs/tone/properties/contrast/minimum',
                                                                    keyword: 'minimum',
                                                                    params: { comparison: '>=', limit: -1 },
                                                                    message: 'must be >= -1',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                          } else
                                                            return (
                                                              (N.errors = [
                                                                {
                                                                  instancePath: r + '/veil/tone/contrast',
                                                                  schemaPath: '#/$defs/tone/properties/contrast/type',
                                                                  keyword: 'type',
                                                                  params: { type: 'number' },
                                                                  message: 'must be number',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        var a = g === e;
                                                      } else var a = !0;
                                                      if (a) {
                                                        if (o.saturation !== void 0) {
                                                          let f = o.saturation,
                                                            g = e;
                                                          if (e === g)
                                                            if (typeof f == 'number' && isFinite(f)) {
                                                              if (f > 1 || isNaN(f))
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath: r + '/veil/tone/saturation',
                                                                      schemaPath: '#/$defs/tone/properties/saturation/maximum',
                                                                      keyword: 'maximum',
                                                                      params: { comparison: '<=', limit: 1 },
                                                                      message: 'must be <= 1',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                              if (f < -1 || isNaN(f))
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath: r + '/veil/tone/saturation',
                                                                      schemaPath: '#/$defs/tone/properties/saturation/minimum',
                                                                      keyword: 'minimum',
                                                                      params: { comparison: '>=', limit: -1 },
                                                                      message: 'must be >= -1',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                            } else
                                                              return (
                                                                (N.errors = [
                                                                  {
                                                                    instancePath: r + '/veil/tone/saturation',
                                                                    schemaPath: '#/$defs/tone/properties/saturation/type',
                                                                    keyword: 'type',
                                                                    params: { type: 'number' },
                                                                    message: 'must be number',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                          var a = g === e;
                                                        } else var a = !0;
                                                        if (a) {
                                                          if (o.warmth !== void 0) {
                                                            let f = o.warmth,
                                                              g = e;
                                                            if (e === g)
                                                              if (typeof f == 'number' && isFinite(f)) {
                                                                if (f > 1 || isNaN(f))
                                                                  return (
                                                                    (N.errors = [
                                                                      {
                                                                        instancePath: r + '/veil/tone/warmth',
                                                                        schemaPath: '#/$defs/tone/properties/warmth/maximum',
                                                                        keyword: 'maximum',
                                                                        params: { comparison: '<=', limit: 1 },
                                                                        message: 'must be <= 1',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                                if (f < -1 || isNaN(f))
                                                                  return (
                                                                    (N.errors = [
                                                                      {
                                                                        instancePath: r + '/veil/tone/warmth',
                                                                        schemaPath: '#/$defs/tone/properties/warmth/minimum',
                                                                        keyword: 'minimum',
                                                                        params: { comparison: '>=', limit: -1 },
                                                                        message: 'must be >= -1',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                              } else
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath: r + '/veil/tone/warmth',
                                                                      schemaPath: '#/$defs/tone/properties/warmth/type',
                                                                      keyword: 'type',
                                                                      params: { type: 'number' },
                                                                      message: 'must be number',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                            var a = g === e;
                                                          } else var a = !0;
                                                          if (a)
                                                            if (o.tint !== void 0) {
                                                              let f = o.tint,
                                                                g = e;
                                                              if (e === g)
                                                                if (typeof f == 'number' && isFinite(f)) {
                                                                  if (f > 1 || isNaN(f))
                                                                    return (
                                                                      (N.errors = [
                                                                        {
                                                                          instancePath: r + '/veil/tone/tint',
                                                                          schemaPath: '#/$defs/tone/properties/tint/maximum',
                                                                          keyword: 'maximum',
                                                                          params: { comparison: '<=', limit: 1 },
                                                                          message: 'must be <= 1',
                                                                        },
                                                                      ]),
                                                                      !1
                                                                    );
                                                                  if (f < -1 || isNaN(f))
                                                                    return (
                                                                      (N.errors = [
                                                                        {
                                                                          instancePath: r + '/veil/tone/tint',
                                                                          schemaPath: '#/$defs/tone/properties/tint/minimum',
                                                                          keyword: 'minimum',
                                                                          params: { comparison: '>=', limit: -1 },
                                                                          message: 'must be >= -1',
                                                                        },
                                                                      ]),
                                                                      !1
                                                                    );
                                                                } else
                                                                  return (
                                                                    (N.errors = [
                                                                      {
                                                                        instancePath: r + '/veil/tone/tint',
                                                                        schemaPath: '#/$defs/tone/properties/tint/type',
                                                                        keyword: 'type',
                                                                        params: { type: 'number' },
                                                                        message: 'must be number',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                              var a = g === e;
                                                            } else var a = !0;
                                                        }
                                                      }
                                                    }
                                                  }
                                                }
                                              } else
                                                return (
                                                  (N.errors = [
                                                    {
                                                      instancePath: r + '/veil/tone',
                                                      schemaPath: '#/$defs/tone/type',
                                                      keyword: 'type',
                                                      params: { type: 'object' },
                                                      message: 'must be object',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var P = h === e;
                                          } else var P = !0;
                                      }
                                    }
                                  } else
                                    return (
                                      (N.errors = [
                                        {
                                          instancePath: r + '/veil',
                                          schemaPath: '#/properties/veil/type',
                                          keyword: 'type',
                                          params: { type: 'object' },
                                          message: 'must be object',
                                        },
                                      ]),
                                      !1
                                    );
                                var i = x === e;
                              } else var i = !0;
                              if (i) {
                                if (s.light !== void 0) {
                                  let p = s.light,
                                    x = e;
                                  if (e === x)
                                    if (p && typeof p == 'object' && !Array.isArray(p)) {
                                      let O;
                                      if ((p.angle === void 0 && (O = 'angle')) || (p.height === void 0 && (O = 'height')))
                                        return (
                                          (N.errors = [
                                            {
                                              instancePath: r + '/light',
                                              schemaPath: '#/properties/light/required',
                                              keyword: 'required',
                                              params: { missingProperty: O },
                                              message: "must have required property '" + O + "'",
                                            },
                                          ]),
                                          !1
                                        );
                                      {
                                        let o = e;
                                        for (let h in p)
                                          if (!(h === 'angle' || h === 'height')) {
                                            return (
                                              (N.errors = [
                                                {
                                                  instancePath: r + '/light',
                                                  schemaPath: '#/properties/light/additionalProperties',
                                                  keyword: 'additionalProperties',
                                                  params: { additionalProperty: h },
                                                  message: 'must NOT have additional properties',
                                                },
                                              ]),
                                              !1
                                            );
                                            break;
                                          }
                                        if (o === e) {
                                          if (p.angle !== void 0) {
                                            let h = p.angle,
                                              t = e;
                                            if (!(typeof h == 'number' && isFinite(h)))
                                              return (
                                                (N.errors = [
                                                  {
                                                    instancePath: r + '/light/angle',
                                                    schemaPath: '#/properties/light/properties/angle/type',
                                                    keyword: 'type',
                                                    params: { type: 'number' },
                                                    message: 'must be number',
                                                  },
                                                ]),
                                                !1
                                              );
                                            var F = t === e;
                                          } else var F = !0;
                                          if (F)
                                            if (p.height !== void 0) {
                                              let h = p.height,
                                                t = e;
                                              if (e === t)
                                                if (typeof h == 'number' && isFinite(h)) {
                                                  if (h > 90 || isNaN(h))
                                                    return (
                                                      (N.errors = [
                                                        {
                                                          instancePath: r + '/light/height',
                                                          schemaPath: '#/properties/light/properties/height/maximum',
                                                          keyword: 'maximum',
                                                          params: { comparison: '<=', limit: 90 },
                                                          message: 'must be <= 90',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  if (h < 0 || isNaN(h))
                                                    return (
                                                      (N.errors = [
                                                        {
                                                          instancePath: r + '/light/height',
                                                          schemaPath: '#/properties/light/properties/height/minimum',
                                                          keyword: 'minimum',
                                                          params: { comparison: '>=', limit: 0 },
                                                          message: 'must be >= 0',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                } else
                                                  return (
                                                    (N.errors = [
                                                      {
                                                        instancePath: r + '/light/height',
                                                        schemaPath: '#/properties/light/properties/height/type',
                                                        keyword: 'type',
                                                        params: { type: 'number' },
                                                        message: 'must be number',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var F = t === e;
                                            } else var F = !0;
                                        }
                                      }
                                    } else
                                      return (
                                        (N.errors = [
                                          {
                                            instancePath: r + '/light',
                                            schemaPath: '#/properties/light/type',
                                            keyword: 'type',
                                            params: { type: 'object' },
                                            message: 'must be object',
                                          },
                                        ]),
                                        !1
                                      );
                                  var i = x === e;
                                } else var i = !0;
                                if (i) {
                                  if (s.placements !== void 0) {
                                    let p = s.placements,
                                      x = e;
                                    if (e === x)
                                      if (p && typeof p == 'object' && !Array.isArray(p)) {
                                        for (let O in p) {
                                          let o = e;
                                          if (e === e)
                                            if (typeof O == 'string') {
                                              if (!pe.test(O)) {
                                                let t = {
                                                  instancePath: r + '/placements',
                                                  schemaPath: '#/$defs/id/pattern',
                                                  keyword: 'pattern',
                                                  params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                                  message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                                  propertyName: O,
                                                };
                                                (l === null ? (l = [t]) : l.push(t), e++);
                                              }
                                            } else {
                                              let t = {
                                                instancePath: r + '/placements',
                                                schemaPath: '#/$defs/id/type',
                                                keyword: 'type',
                                                params: { type: 'string' },
                                                message: 'must be string',
                                                propertyName: O,
                                              };
                                              (l === null ? (l = [t]) : l.push(t), e++);
                                            }
                                          var Z = o === e;
                                          if (!Z) {
                                            let t = {
                                              instancePath: r + '/placements',
                                              schemaPath: '#/properties/placements/propertyNames',
                                              keyword: 'propertyNames',
                                              params: { propertyName: O },
                                              message: 'property name must be valid',
                                            };
                                            return (l === null ? (l = [t]) : l.push(t), e++, (N.errors = l), !1);
                                            break;
                                          }
                                        }
                                        if (Z)
                                          for (let O in p) {
                                            let o = p[O],
                                              h = e;
                                            if (e === e)
                                              if (o && typeof o == 'object' && !Array.isArray(o)) {
                                                let m;
                                                if (
                                                  (o.x === void 0 && (m = 'x')) ||
                                                  (o.y === void 0 && (m = 'y')) ||
                                                  (o.scale === void 0 && (m = 'scale')) ||
                                                  (o.turn === void 0 && (m = 'turn')) ||
                                                  (o.flipX === void 0 && (m = 'flipX')) ||
                                                  (o.flipY === void 0 && (m = 'flipY'))
                                                )
                                                  return (
                                                    (N.errors = [
                                                      {
                                                        instancePath:
                                                          r + '/placements/' + O.replace(/~/g, '~0').replace(/\//g, '~1'),
                                                        schemaPath: '#/$defs/placement/required',
                                                        keyword: 'required',
                                                        params: { missingProperty: m },
                                                        message: "must have required property '" + m + "'",
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                                {
                                                  let I = e;
                                                  for (let f in o)
                                                    if (!(
                                                      f === 'x' ||
                                                      f === 'y' ||
                                                      f === 'scale' ||
                                                      f === 'turn' ||
                                                      f === 'flipX' ||
                                                      f === 'flipY'
                                                    )) {
                                                      return (
                                                        (N.errors = [
                                                          {
                                                            instancePath:
                                                              r + '/placements/' + O.replace(/~/g, '~0').replace(/\//g, '~1'),
                                                            schemaPath: '#/$defs/placement/additionalProperties',
                                                            keyword: 'additionalProperties',
                                                            params: { additionalProperty: f },
                                                            message: 'must NOT have additional properties',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                      break;
                                                    }
                                                  if (I === e) {
                                                    if (o.x !== void 0) {
                                                      let f = o.x,
                                                        g = e;
                                                      if (e === g)
                                                        if (typeof f == 'number' && isFinite(f)) {
                                                          if (f > 1e6 || isNaN(f))
                                                            return (
                                                              (N.errors = [
                                                                {
                                                                  instancePath:
                                                                    r +
                                                                    '/placements/' +
                                                                    O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                    '/x',
                                                                  schemaPath: '#/$defs/placement/properties/x/maximum',
                                                                  keyword: 'maximum',
                                                                  params: { comparison: '<=', limit: 1e6 },
                                                                  message: 'must be <= 1000000',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                          if (f < -1e6 || isNaN(f))
                                                            return (
                                                              (N.errors = [
                                                                {
                                                                  instancePath:
                                                                    r +
                                                                    '/placements/' +
                                                                    O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                    '/x',
                                                                  schemaPath: '#/$defs/placement/properties/x/minimum',
                                                                  keyword: 'minimum',
                                                                  params: { comparison: '>=', limit: -1e6 },
                                                                  message: 'must be >= -1000000',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        } else
                                                          return (
                                                            (N.errors = [
                                                              {
                                                                instancePath:
                                                                  r +
                                                                  '/placements/' +
                                                                  O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                  '/x',
                                                                schemaPath: '#/$defs/placement/properties/x/type',
                                                                keyword: 'type',
                                                                params: { type: 'number' },
                                                                message: 'must be number',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                      var z = g === e;
                                                    } else var z = !0;
                                                    if (z) {
                                                      if (o.y !== void 0) {
                                                        let f = o.y,
                                                          g = e;
                                                        if (e === g)
                                                          if (typeof f == 'number' && isFinite(f)) {
                                                            if (f > 1e6 || isNaN(f))
                                                              return (
                                                                (N.errors = [
                                                                  {
                                                                    instancePath:
                                                                      r +
                                                                      '/placements/' +
                                                                      O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                      '/y',
                                                                    schemaPath: '#/$defs/placement/properties/y/maximum',
                                                                    keyword: 'maximum',
                                                                    params: { comparison: '<=', limit: 1e6 },
                                                                    message: 'must be <= 1000000',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                            if (f < -1e6 || isNaN(f))
                                                              return (
                                                                (N.errors = [
                                                                  {
                                                                    instancePath:
                                                                      r +
                                                                      '/placements/' +
                                                                      O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                      '/y',
                                                                    schemaPath: '#/$defs/placement/properties/y/minimum',
                                                                    keyword: 'minimum',
                                                                    params: { comparison: '>=', limit: -1e6 },
                                                                    message: 'must be >= -1000000',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                          } else
                                                            return (
                                                              (N.errors = [
                                                                {
                                                                  instancePath:
                                                                    r +
                                                                    '/placements/' +
                                                                    O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                    '/y',
                                                                  schemaPath: '#/$defs/placement/properties/y/type',
                                                                  keyword: 'type',
                                                                  params: { type: 'number' },
                                                                  message: 'must be number',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        var z = g === e;
                                                      } else var z = !0;
                                                      if (z) {
                                                        if (o.scale !== void 0) {
                                                          let f = o.scale,
                                                            g = e;
                                                          if (e === g)
                                                            if (typeof f == 'number' && isFinite(f)) {
                                                              if (f > 1e4 || isNaN(f))
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath:
                                                                        r +
                                                                        '/placements/' +
                                                                        O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                        '/scale',
                                                                      schemaPath: '#/$defs/placement/properties/scale/maximum',
                                                                      keyword: 'maximum',
                                                                      params: { comparison: '<=', limit: 1e4 },
                                                                      message: 'must be <= 10000',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                              if (f <= 0 || isNaN(f))
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath:
                                                                        r +
                                                                        '/placements/' +
                                                                        O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                        '/scale',
                                                                      schemaPath:
                                                                        '#/$defs/placement/properties/scale/exclusiveMinimum',
                                                                      keyword: 'exclusiveMinimum',
                                                                      params: { comparison: '>', limit: 0 },
                                                                      message: 'must be > 0',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                            } else
                                                              return (
                                                                (N.errors = [
                                                                  {
                                                                    instancePath:
                                                                      r +
                                                                      '/placements/' +
                                                                      O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                      '/scale',
                                                                    schemaPath: '#/$defs/placement/properties/scale/type',
                                                                    keyword: 'type',
                                                                    params: { type: 'number' },
                                                                    message: 'must be number',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                          var z = g === e;
                                                        } else var z = !0;
                                                        if (z) {
                                                          if (o.turn !== void 0) {
                                                            let f = o.turn,
                                                              g = e;
                                                            if (!(typeof f == 'number' && isFinite(f)))
                                                              return (
                                                                (N.errors = [
                                                                  {
                                                                    instancePath:
                                                                      r +
                                                                      '/placements/' +
                                                                      O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                      '/turn',
                                                                    schemaPath: '#/$defs/placement/properties/turn/type',
                                                                    keyword: 'type',
                                                                    params: { type: 'number' },
                                                                    message: 'must be number',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                            var z = g === e;
                                                          } else var z = !0;
                                                          if (z) {
                                                            if (o.flipX !== void 0) {
                                                              let f = e;
                                                              if (typeof o.flipX != 'boolean')
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath:
                                                                        r +
                                                                        '/placements/' +
                                                                        O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                        '/flipX',
                                                                      schemaPath: '#/$defs/placement/properties/flipX/type',
                                                                      keyword: 'type',
                                                                      params: { type: 'boolean' },
                                                                      message: 'must be boolean',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                              var z = f === e;
                                                            } else var z = !0;
                                                            if (z)
                                                              if (o.flipY !== void 0) {
                                                                let f = e;
                                                                if (typeof o.flipY != 'boolean')
                                                                  return (
                                                                    (N.errors = [
                                                                      {
                                                                        instancePath:
                                                                          r +
                                                                          '/placements/' +
                                                                          O.replace(/~/g, '~0').replace(/\//g, '~1') +
                                                                          '/flipY',
                                                                        schemaPath: '#/$defs/placement/properties/flipY/type',
                                                                        keyword: 'type',
                                                                        params: { type: 'boolean' },
                                                                        message: 'must be boolean',
                                                                      },
                                                                    ]),
                                                                    !1
                                                                  );
                                                                var z = f === e;
                                                              } else var z = !0;
                                                          }
                                                        }
                                                      }
                                                    }
                                                  }
                                                }
                                              } else
                                                return (
                                                  (N.errors = [
                                                    {
                                                      instancePath:
                                                        r + '/placements/' + O.replace(/~/g, '~0').replace(/\//g, '~1'),
                                                      schemaPath: '#/$defs/placement/type',
                                                      keyword: 'type',
                                                      params: { type: 'object' },
                                                      message: 'must be object',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                            var b = h === e;
                                            if (!b) break;
                                          }
                                      } else
                                        return (
                                          (N.errors = [
                                            {
                                              instancePath: r + '/placements',
                                              schemaPath: '#/properties/placements/type',
                                              keyword: 'type',
                                              params: { type: 'object' },
                                              message: 'must be object',
                                            },
                                          ]),
                                          !1
                                        );
                                    var i = x === e;
                                  } else var i = !0;
                                  if (i) {
                                    if (s.guides !== void 0) {
                                      let p = s.guides,
                                        x = e;
                                      if (e === x)
                                        if (Array.isArray(p)) {
                                          if (p.length > 200)
                                            return (
                                              (N.errors = [
                                                {
                                                  instancePath: r + '/guides',
                                                  schemaPath: '#/properties/guides/maxItems',
                                                  keyword: 'maxItems',
                                                  params: { limit: 200 },
                                                  message: 'must NOT have more than 200 items',
                                                },
                                              ]),
                                              !1
                                            );
                                          {
                                            var n = !0;
                                            let O = p.length;
                                            for (let o = 0; o < O; o++) {
                                              let h = p[o],
                                                t = e;
                                              if (e === t)
                                                if (h && typeof h == 'object' && !Array.isArray(h)) {
                                                  let I;
                                                  if ((h.axis === void 0 && (I = 'axis')) || (h.at === void 0 && (I = 'at')))
                                                    return (
                                                      (N.errors = [
                                                        {
                                                          instancePath: r + '/guides/' + o,
                                                          schemaPath: '#/properties/guides/items/required',
                                                          keyword: 'required',
                                                          params: { missingProperty: I },
                                                          message: "must have required property '" + I + "'",
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  {
                                                    let f = e;
                                                    for (let g in h)
                                                      if (!(g === 'axis' || g === 'at')) {
                                                        return (
                                                          (N.errors = [
                                                            {
                                                              instancePath: r + '/guides/' + o,
                                                              schemaPath: '#/properties/guides/items/additionalProperties',
                                                              keyword: 'additionalProperties',
                                                              params: { additionalProperty: g },
                                                              message: 'must NOT have additional properties',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                        break;
                                                      }
                                                    if (f === e) {
                                                      if (h.axis !== void 0) {
                                                        let g = h.axis,
                                                          d = e;
                                                        if (!(g === 'horizontal' || g === 'vertical'))
                                                          return (
                                                            (N.errors = [
                                                              {
                                                                instancePath: r + '/guides/' + o + '/axis',
                                                                schemaPath: '#/$defs/axis/enum',
                                                                keyword: 'enum',
                                                                params: { allowedValues: Ie.enum },
                                                                message: 'must be equal to one of the allowed values',
                                                              },
                                                            ]),
                                                            !1
                                                          );
                                                        var u = d === e;
                                                      } else var u = !0;
                                                      if (u)
                                                        if (h.at !== void 0) {
                                                          let g = h.at,
                                                            d = e;
                                                          if (e === d)
                                                            if (typeof g == 'number' && isFinite(g)) {
                                                              if (g > 1e6 || isNaN(g))
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath: r + '/guides/' + o + '/at',
                                                                      schemaPath:
                                                                        '#/properties/guides/items/properties/at/maximum',
                                                                      keyword: 'maximum',
                                                                      params: { comparison: '<=', limit: 1e6 },
                                                                      message: 'must be <= 1000000',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                              if (g < -1e6 || isNaN(g))
                                                                return (
                                                                  (N.errors = [
                                                                    {
                                                                      instancePath: r + '/guides/' + o + '/at',
                                                                      schemaPath:
                                                                        '#/properties/guides/items/properties/at/minimum',
                                                                      keyword: 'minimum',
                                                                      params: { comparison: '>=', limit: -1e6 },
                                                                      message: 'must be >= -1000000',
                                                                    },
                                                                  ]),
                                                                  !1
                                                                );
                                                            } else
                                                              return (
                                                                (N.errors = [
                                                                  {
                                                                    instancePath: r + '/guides/' + o + '/at',
                                                                    schemaPath: '#/properties/guides/items/properties/at/type',
                                                                    keyword: 'type',
                                                                    params: { type: 'number' },
                                                                    message: 'must be number',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                          var u = d === e;
                                                        } else var u = !0;
                                                    }
                                                  }
                                                } else
                                                  return (
                                                    (N.errors = [
                                                      {
                                                        instancePath: r + '/guides/' + o,
                                                        schemaPath: '#/properties/guides/items/type',
                                                        keyword: 'type',
                                                        params: { type: 'object' },
                                                        message: 'must be object',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var n = t === e;
                                              if (!n) break;
                                            }
                                          }
                                        } else
                                          return (
                                            (N.errors = [
                                              {
                                                instancePath: r + '/guides',
                                                schemaPath: '#/properties/guides/type',
                                                keyword: 'type',
                                                params: { type: 'array' },
                                                message: 'must be array',
                                              },
                                            ]),
                                            !1
                                          );
                                      var i = x === e;
                                    } else var i = !0;
                                    if (i) {
                                      if (s.items !== void 0) {
                                        let p = s.items,
                                          x = e;
                                        if (e === x)
                                          if (Array.isArray(p)) {
                                            if (p.length > 5e3)
                                              return (
                                                (N.errors = [
                                                  {
                                                    instancePath: r + '/items',
                                                    schemaPath: '#/properties/items/maxItems',
                                                    keyword: 'maxItems',
                                                    params: { limit: 5e3 },
                                                    message: 'must NOT have more than 5000 items',
                                                  },
                                                ]),
                                                !1
                                              );
                                            {
                                              var _ = !0;
                                              let O = p.length;
                                              for (let o = 0; o < O; o++) {
                                                let h = e;
                                                he(p[o], {
                                                  instancePath: r + '/items/' + o,
                                                  parentData: p,
                                                  parentDataProperty: o,
                                                  rootData: H,
                                                  dynamicAnchors: ee,
                                                }) || ((l = l === null ? he.errors : l.concat(he.errors)), (e = l.length));
                                                var _ = h === e;
                                                if (!_) break;
                                              }
                                            }
                                          } else
                                            return (
                                              (N.errors = [
                                                {
                                                  instancePath: r + '/items',
                                                  schemaPath: '#/properties/items/type',
                                                  keyword: 'type',
                                                  params: { type: 'array' },
                                                  message: 'must be array',
                                                },
                                              ]),
                                              !1
                                            );
                                        var i = x === e;
                                      } else var i = !0;
                                      if (i)
                                        if (s.crossings !== void 0) {
                                          let p = s.crossings,
                                            x = e;
                                          if (e === x)
                                            if (Array.isArray(p)) {
                                              if (p.length > 1e4)
                                                return (
                                                  (N.errors = [
                                                    {
                                                      instancePath: r + '/crossings',
                                                      schemaPath: '#/properties/crossings/maxItems',
                                                      keyword: 'maxItems',
                                                      params: { limit: 1e4 },
                                                      message: 'must NOT have more than 10000 items',
                                                    },
                                                  ]),
                                                  !1
                                                );
                                              {
                                                var A = !0;
                                                let O = p.length;
                                                for (let o = 0; o < O; o++) {
                                                  let h = e;
                                                  X(p[o], {
                                                    instancePath: r + '/crossings/' + o,
                                                    parentData: p,
                                                    parentDataProperty: o,
                                                    rootData: H,
                                                    dynamicAnchors: ee,
                                                  }) || ((l = l === null ? X.errors : l.concat(X.errors)), (e = l.length));
                                                  var A = h === e;
                                                  if (!A) break;
                                                }
                                              }
                                            } else
                                              return (
                                                (N.errors = [
                                                  {
                                                    instancePath: r + '/crossings',
                                                    schemaPath: '#/properties/crossings/type',
                                                    keyword: 'type',
                                                    params: { type: 'array' },
                                                    message: 'must be array',
                                                  },
                                                ]),
                                                !1
                                              );
                                          var i = x === e;
                                        } else var i = !0;
                                    }
                                  }
                                }
                              }
                            }
                          }
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      } else
        return (
          (N.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((N.errors = l), e === 0);
  }
  N.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
  function J(s, { instancePath: r = '', parentData: me, parentDataProperty: oe, rootData: H = s, dynamicAnchors: ee = {} } = {}) {
    let l = null,
      e = 0,
      D = J.evaluated;
    if ((D.dynamicProps && (D.props = void 0), D.dynamicItems && (D.items = void 0), e === 0))
      if (s && typeof s == 'object' && !Array.isArray(s)) {
        let b;
        if (
          (s.format === void 0 && (b = 'format')) ||
          (s.version === void 0 && (b = 'version')) ||
          (s.name === void 0 && (b = 'name')) ||
          (s.unit === void 0 && (b = 'unit')) ||
          (s.swatches === void 0 && (b = 'swatches')) ||
          (s.photos === void 0 && (b = 'photos')) ||
          (s.sheets === void 0 && (b = 'sheets'))
        )
          return (
            (J.errors = [
              {
                instancePath: r,
                schemaPath: '#/required',
                keyword: 'required',
                params: { missingProperty: b },
                message: "must have required property '" + b + "'",
              },
            ]),
            !1
          );
        {
          let n = e;
          for (let u in s)
            if (!(
              u === 'format' ||
              u === 'version' ||
              u === 'name' ||
              u === 'unit' ||
              u === 'swatches' ||
              u === 'photos' ||
              u === 'sheets' ||
              u === 'set'
            )) {
              return (
                (J.errors = [
                  {
                    instancePath: r,
                    schemaPath: '#/additionalProperties',
                    keyword: 'additionalProperties',
                    params: { additionalProperty: u },
                    message: 'must NOT have additional properties',
                  },
                ]),
                !1
              );
              break;
            }
          if (n === e) {
            if (s.format !== void 0) {
              let u = e;
              if (s.format !== 'kadrosyn')
                return (
                  (J.errors = [
                    {
                      instancePath: r + '/format',
                      schemaPath: '#/properties/format/const',
                      keyword: 'const',
                      params: { allowedValue: 'kadrosyn' },
                      message: 'must be equal to constant',
                    },
                  ]),
                  !1
                );
              var i = u === e;
            } else var i = !0;
            if (i) {
              if (s.version !== void 0) {
                let u = e;
                if (s.version !== 3)
                  return (
                    (J.errors = [
                      {
                        instancePath: r + '/version',
                        schemaPath: '#/properties/version/const',
                        keyword: 'const',
                        params: { allowedValue: 3 },
                        message: 'must be equal to constant',
                      },
                    ]),
                    !1
                  );
                var i = u === e;
              } else var i = !0;
              if (i) {
                if (s.name !== void 0) {
                  let u = s.name,
                    _ = e;
                  if (e === e)
                    if (typeof u == 'string') {
                      if (fe(u) > 200)
                        return (
                          (J.errors = [
                            {
                              instancePath: r + '/name',
                              schemaPath: '#/$defs/name/maxLength',
                              keyword: 'maxLength',
                              params: { limit: 200 },
                              message: 'must NOT have more than 200 characters',
                            },
                          ]),
                          !1
                        );
                    } else
                      return (
                        (J.errors = [
                          {
                            instancePath: r + '/name',
                            schemaPath: '#/$defs/name/type',
                            keyword: 'type',
                            params: { type: 'string' },
                            message: 'must be string',
                          },
                        ]),
                        !1
                      );
                  var i = _ === e;
                } else var i = !0;
                if (i) {
                  if (s.unit !== void 0) {
                    let u = s.unit,
                      _ = e;
                    if (!(u === 'px' || u === 'mm' || u === 'in'))
                      return (
                        (J.errors = [
                          {
                            instancePath: r + '/unit',
                            schemaPath: '#/properties/unit/enum',
                            keyword: 'enum',
                            params: { allowedValues: Oe.properties.unit.enum },
                            message: 'must be equal to one of the allowed values',
                          },
                        ]),
                        !1
                      );
                    var i = _ === e;
                  } else var i = !0;
                  if (i) {
                    if (s.swatches !== void 0) {
                      let u = s.swatches,
                        _ = e;
                      if (e === _)
                        if (Array.isArray(u)) {
                          if (u.length > 200)
                            return (
                              (J.errors = [
                                {
                                  instancePath: r + '/swatches',
                                  schemaPath: '#/properties/swatches/maxItems',
                                  keyword: 'maxItems',
                                  params: { limit: 200 },
                                  message: 'must NOT have more than 200 items',
                                },
                              ]),
                              !1
                            );
                          {
                            var T = !0;
                            let w = u.length;
                            for (let j = 0; j < w; j++) {
                              let p = u[j],
                                x = e;
                              if (e === e)
                                if (typeof p == 'string') {
                                  if (!ce.test(p))
                                    return (
                                      (J.errors = [
                                        {
                                          instancePath: r + '/swatches/' + j,
                                          schemaPath: '#/$defs/colour/pattern',
                                          keyword: 'pattern',
                                          params: { pattern: '^#[0-9a-f]{6}([0-9a-f]{2})?$' },
                                          message: 'must match pattern "^#[0-9a-f]{6}([0-9a-f]{2})?$"',
                                        },
                                      ]),
                                      !1
                                    );
                                } else
                                  return (
                                    (J.errors = [
                                      {
                                        instancePath: r + '/swatches/' + j,
                                        schemaPath: '#/$defs/colour/type',
                                        keyword: 'type',
                                        params: { type: 'string' },
                                        message: 'must be string',
                                      },
                                    ]),
                                    !1
                                  );
                              var T = x === e;
                              if (!T) break;
                            }
                          }
                        } else
                          return (
                            (J.errors = [
                              {
                                instancePath: r + '/swatches',
                                schemaPath: '#/properties/swatches/type',
                                keyword: 'type',
                                params: { type: 'array' },
                                message: 'must be array',
                              },
                            ]),
                            !1
                          );
                      var i = _ === e;
                    } else var i = !0;
                    if (i) {
                      if (s.photos !== void 0) {
                        let u = s.photos,
                          _ = e;
                        if (e === _)
                          if (u && typeof u == 'object' && !Array.isArray(u)) {
                            for (let w in u) {
                              let j = e;
                              if (e === e)
                                if (typeof w == 'string') {
                                  if (!pe.test(w)) {
                                    let x = {
                                      instancePath: r + '/photos',
                                      schemaPath: '#/$defs/id/pattern',
                                      keyword: 'pattern',
                                      params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                      message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                      propertyName: w,
                                    };
                                    (l === null ? (l = [x]) : l.push(x), e++);
                                  }
                                } else {
                                  let x = {
                                    instancePath: r + '/photos',
                                    schemaPath: '#/$defs/id/type',
                                    keyword: 'type',
                                    params: { type: 'string' },
                                    message: 'must be string',
                                    propertyName: w,
                                  };
                                  (l === null ? (l = [x]) : l.push(x), e++);
                                }
                              var q = j === e;
                              if (!q) {
                                let x = {
                                  instancePath: r + '/photos',
                                  schemaPath: '#/properties/photos/propertyNames',
                                  keyword: 'propertyNames',
                                  params: { propertyName: w },
                                  message: 'property name must be valid',
                                };
                                return (l === null ? (l = [x]) : l.push(x), e++, (J.errors = l), !1);
                                break;
                              }
                            }
                            if (q)
                              for (let w in u) {
                                let j = e;
                                V(u[w], {
                                  instancePath: r + '/photos/' + w.replace(/~/g, '~0').replace(/\//g, '~1'),
                                  parentData: u,
                                  parentDataProperty: w,
                                  rootData: H,
                                  dynamicAnchors: ee,
                                }) || ((l = l === null ? V.errors : l.concat(V.errors)), (e = l.length));
                                var P = j === e;
                                if (!P) break;
                              }
                          } else
                            return (
                              (J.errors = [
                                {
                                  instancePath: r + '/photos',
                                  schemaPath: '#/properties/photos/type',
                                  keyword: 'type',
                                  params: { type: 'object' },
                                  message: 'must be object',
                                },
                              ]),
                              !1
                            );
                        var i = _ === e;
                      } else var i = !0;
                      if (i) {
                        if (s.sheets !== void 0) {
                          let u = s.sheets,
                            _ = e;
                          if (e === _)
                            if (Array.isArray(u)) {
                              if (u.length > 200)
                                return (
                                  (J.errors = [
                                    {
                                      instancePath: r + '/sheets',
                                      schemaPath: '#/properties/sheets/maxItems',
                                      keyword: 'maxItems',
                                      params: { limit: 200 },
                                      message: 'must NOT have more than 200 items',
                                    },
                                  ]),
                                  !1
                                );
                              if (u.length < 1)
                                return (
                                  (J.errors = [
                                    {
                                      instancePath: r + '/sheets',
                                      schemaPath: '#/properties/sheets/minItems',
                                      keyword: 'minItems',
                                      params: { limit: 1 },
                                      message: 'must NOT have fewer than 1 items',
                                    },
                                  ]),
                                  !1
                                );
                              {
                                var k = !0;
                                let w = u.length;
                                for (let j = 0; j < w; j++) {
                                  let p = e;
                                  N(u[j], {
                                    instancePath: r + '/sheets/' + j,
                                    parentData: u,
                                    parentDataProperty: j,
                                    rootData: H,
                                    dynamicAnchors: ee,
                                  }) || ((l = l === null ? N.errors : l.concat(N.errors)), (e = l.length));
                                  var k = p === e;
                                  if (!k) break;
                                }
                              }
                            } else
                              return (
                                (J.errors = [
                                  {
                                    instancePath: r + '/sheets',
                                    schemaPath: '#/properties/sheets/type',
                                    keyword: 'type',
                                    params: { type: 'array' },
                                    message: 'must be array',
                                  },
                                ]),
                                !1
                              );
                          var i = _ === e;
                        } else var i = !0;
                        if (i)
                          if (s.set !== void 0) {
                            let u = s.set,
                              _ = e;
                            if (e === _)
                              if (u && typeof u == 'object' && !Array.isArray(u)) {
                                let w;
                                if ((u.columns === void 0 && (w = 'columns')) || (u.rows === void 0 && (w = 'rows')))
                                  return (
                                    (J.errors = [
                                      {
                                        instancePath: r + '/set',
                                        schemaPath: '#/properties/set/required',
                                        keyword: 'required',
                                        params: { missingProperty: w },
                                        message: "must have required property '" + w + "'",
                                      },
                                    ]),
                                    !1
                                  );
                                {
                                  let j = e;
                                  for (let p in u)
                                    if (!(p === 'columns' || p === 'rows')) {
                                      return (
                                        (J.errors = [
                                          {
                                            instancePath: r + '/set',
                                            schemaPath: '#/properties/set/additionalProperties',
                                            keyword: 'additionalProperties',
                                            params: { additionalProperty: p },
                                            message: 'must NOT have additional properties',
                                          },
                                        ]),
                                        !1
                                      );
                                      break;
                                    }
                                  if (j === e) {
                                    if (u.columns !== void 0) {
                                      let p = u.columns,
                                        x = e;
                                      if (e === x)
                                        if (Array.isArray(p)) {
                                          if (p.length > 50)
                                            return (
                                              (J.errors = [
                                                {
                                                  instancePath: r + '/set/columns',
                                                  schemaPath: '#/properties/set/properties/columns/maxItems',
                                                  keyword: 'maxItems',
                                                  params: { limit: 50 },
                                                  message: 'must NOT have more than 50 items',
                                                },
                                              ]),
                                              !1
                                            );
                                          {
                                            var E = !0;
                                            let Y = p.length;
                                            for (let O = 0; O < Y; O++) {
                                              let o = p[O],
                                                h = e;
                                              if (e === h)
                                                if (o && typeof o == 'object' && !Array.isArray(o)) {
                                                  let m;
                                                  if (
                                                    (o.itemId === void 0 && (m = 'itemId')) ||
                                                    (o.property === void 0 && (m = 'property'))
                                                  )
                                                    return (
                                                      (J.errors = [
                                                        {
                                                          instancePath: r + '/set/columns/' + O,
                                                          schemaPath: '#/properties/set/properties/columns/items/required',
                                                          keyword: 'required',
                                                          params: { missingProperty: m },
                                                          message: "must have required property '" + m + "'",
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                  {
                                                    let I = e;
                                                    for (let f in o)
                                                      if (!(f === 'itemId' || f === 'property')) {
                                                        return (
                                                          (J.errors = [
                                                            {
                                                              instancePath: r + '/set/columns/' + O,
                                                              schemaPath:
                                                                '#/properties/set/properties/columns/items/additionalProperties',
                                                              keyword: 'additionalProperties',
                                                              params: { additionalProperty: f },
                                                              message: 'must NOT have additional properties',
                                                            },
                                                          ]),
                                                          !1
                                                        );
                                                        break;
                                                      }
                                                    if (I === e) {
                                                      if (o.itemId !== void 0) {
                                                        let f = o.itemId,
                                                          g = e;
                                                        if (e === e)
                                                          if (typeof f == 'string') {
                                                            if (!pe.test(f))
                                                              return (
                                                                (J.errors = [
                                                                  {
                                                                    instancePath: r + '/set/columns/' + O + '/itemId',
                                                                    schemaPath: '#/$defs/id/pattern',
                                                                    keyword: 'pattern',
                                                                    params: { pattern: '^[A-Za-z0-9_-]{1,64}$' },
                                                                    message: 'must match pattern "^[A-Za-z0-9_-]{1,64}$"',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                          } else
                                                            return (
                                                              (J.errors = [
                                                                {
                                                                  instancePath: r + '/set/columns/' + O + '/itemId',
                                                                  schemaPath: '#/$defs/id/type',
                                                                  keyword: 'type',
                                                                  params: { type: 'string' },
                                                                  message: 'must be string',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        var a = g === e;
                                                      } else var a = !0;
                                                      if (a)
                                                        if (o.property !== void 0) {
                                                          let f = o.property,
                                                            g = e;
                                                          if (!(f === 'photo' || f === 'text' || f === 'colour'))
                                                            return (
                                                              (J.errors = [
                                                                {
                                                                  instancePath: r + '/set/columns/' + O + '/property',
                                                                  schemaPath:
                                                                    '#/properties/set/properties/columns/items/properties/property/enum',
                                                                  keyword: 'enum',
                                                                  params: {
                                                                    allowedValues:
                                                                      Oe.properties.set.properties.columns.items.properties
                                                                        .property.enum,
                                                                  },
                                                                  message: 'must be equal to one of the allowed values',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                          var a = g === e;
                                                        } else var a = !0;
                                                    }
                                                  }
                                                } else
                                                  return (
                                                    (J.errors = [
                                                      {
                                                        instancePath: r + '/set/columns/' + O,
                                                        schemaPath: '#/properties/set/properties/columns/items/type',
                                                        keyword: 'type',
                                                        params: { type: 'object' },
                                                        message: 'must be object',
                                                      },
                                                    ]),
                                                    !1
                                                  );
                                              var E = h === e;
                                              if (!E) break;
                                            }
                                          }
                                        } else
                                          return (
                                            (J.errors = [
                                              {
                                                instancePath: r + '/set/columns',
                                                schemaPath: '#/properties/set/properties/columns/type',
                                                keyword: 'type',
                                                params: { type: 'array' },
                                                message: 'must be array',
                                              },
                                            ]),
                                            !1
                                          );
                                      var F = x === e;
                                    } else var F = !0;
                                    if (F)
                                      if (u.rows !== void 0) {
                                        let p = u.rows,
                                          x = e;
                                        if (e === x)
                                          if (Array.isArray(p)) {
                                            if (p.length > 5e3)
                                              return (
                                                (J.errors = [
                                                  {
                                                    instancePath: r + '/set/rows',
                                                    schemaPath: '#/properties/set/properties/rows/maxItems',
                                                    keyword: 'maxItems',
                                                    params: { limit: 5e3 },
                                                    message: 'must NOT have more than 5000 items',
                                                  },
                                                ]),
                                                !1
                                              );
                                            {
                                              var Z = !0;
                                              let O = p.length;
                                              for (let o = 0; o < O; o++) {
                                                let h = p[o],
                                                  t = e;
                                                if (e === t)
                                                  if (Array.isArray(h)) {
                                                    if (h.length > 50)
                                                      return (
                                                        (J.errors = [
                                                          {
                                                            instancePath: r + '/set/rows/' + o,
                                                            schemaPath: '#/properties/set/properties/rows/items/maxItems',
                                                            keyword: 'maxItems',
                                                            params: { limit: 50 },
                                                            message: 'must NOT have more than 50 items',
                                                          },
                                                        ]),
                                                        !1
                                                      );
                                                    {
                                                      var z = !0;
                                                      let I = h.length;
                                                      for (let f = 0; f < I; f++) {
                                                        let g = h[f],
                                                          d = e;
                                                        if (e === d)
                                                          if (typeof g == 'string') {
                                                            if (fe(g) > 2e3)
                                                              return (
                                                                (J.errors = [
                                                                  {
                                                                    instancePath: r + '/set/rows/' + o + '/' + f,
                                                                    schemaPath:
                                                                      '#/properties/set/properties/rows/items/items/maxLength',
                                                                    keyword: 'maxLength',
                                                                    params: { limit: 2e3 },
                                                                    message: 'must NOT have more than 2000 characters',
                                                                  },
                                                                ]),
                                                                !1
                                                              );
                                                          } else
                                                            return (
                                                              (J.errors = [
                                                                {
                                                                  instancePath: r + '/set/rows/' + o + '/' + f,
                                                                  schemaPath: '#/properties/set/properties/rows/items/items/type',
                                                                  keyword: 'type',
                                                                  params: { type: 'string' },
                                                                  message: 'must be string',
                                                                },
                                                              ]),
                                                              !1
                                                            );
                                                        var z = d === e;
                                                        if (!z) break;
                                                      }
                                                    }
                                                  } else
                                                    return (
                                                      (J.errors = [
                                                        {
                                                          instancePath: r + '/set/rows/' + o,
                                                          schemaPath: '#/properties/set/properties/rows/items/type',
                                                          keyword: 'type',
                                                          params: { type: 'array' },
                                                          message: 'must be array',
                                                        },
                                                      ]),
                                                      !1
                                                    );
                                                var Z = t === e;
                                                if (!Z) break;
                                              }
                                            }
                                          } else
                                            return (
                                              (J.errors = [
                                                {
                                                  instancePath: r + '/set/rows',
                                                  schemaPath: '#/properties/set/properties/rows/type',
                                                  keyword: 'type',
                                                  params: { type: 'array' },
                                                  message: 'must be array',
                                                },
                                              ]),
                                              !1
                                            );
                                        var F = x === e;
                                      } else var F = !0;
                                  }
                                }
                              } else
                                return (
                                  (J.errors = [
                                    {
                                      instancePath: r + '/set',
                                      schemaPath: '#/properties/set/type',
                                      keyword: 'type',
                                      params: { type: 'object' },
                                      message: 'must be object',
                                    },
                                  ]),
                                  !1
                                );
                            var i = _ === e;
                          } else var i = !0;
                      }
                    }
                  }
                }
              }
            }
          }
        }
      } else
        return (
          (J.errors = [
            { instancePath: r, schemaPath: '#/type', keyword: 'type', params: { type: 'object' }, message: 'must be object' },
          ]),
          !1
        );
    return ((J.errors = l), e === 0);
  }
  J.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
})(module);
/** Whether `data` follows project.schema.json; the faults of the last call are in `errors`. */
export const validateProject: ((data: unknown) => boolean) & { errors?: SchemaFault[] | null } = module.exports;

/** What computations answer with: generated from their types by `npm run formats`; not written by hand. */
import type { oas31 } from 'zod-openapi';

export const ANSWERS: Readonly<Record<string, oas31.SchemaObject>> = {
  "dew-point": {
    "type": "object",
    "properties": {
      "dewPoint": {
        "$ref": "#/components/schemas/figure"
      },
      "margin": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "dewPoint",
      "margin"
    ]
  },
  "conditions": {
    "$ref": "#/components/schemas/conditionJudgement"
  },
  "rate": {
    "anyOf": [
      {
        "$ref": "#/components/schemas/parsedRate"
      },
      {
        "type": "object",
        "properties": {
          "wetFilmMm": {
            "type": "number"
          },
          "value": {
            "type": "number"
          },
          "basis": {
            "type": "string",
            "enum": [
              "dryFilm",
              "mass",
              "volume",
              "wetFilm"
            ]
          }
        },
        "required": [
          "wetFilmMm",
          "value",
          "basis"
        ]
      }
    ]
  },
  "walk": {
    "type": "object",
    "properties": {
      "adjusted": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "path": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "lengthM": {
        "type": "number"
      },
      "gapX": {
        "type": "number"
      },
      "gapY": {
        "type": "number"
      },
      "gapM": {
        "type": "number"
      },
      "ratio": {
        "type": "number"
      },
      "turnGapDeg": {
        "type": "number"
      },
      "closed": {
        "type": "boolean"
      }
    },
    "required": [
      "adjusted",
      "path",
      "lengthM",
      "gapX",
      "gapY",
      "gapM",
      "turnGapDeg",
      "closed"
    ]
  },
  "zone": {
    "$ref": "#/components/schemas/zoneQuantities"
  },
  "taped": {
    "$ref": "#/components/schemas/tapedSolution"
  },
  "falls": {
    "$ref": "#/components/schemas/fallsReport"
  },
  "readiness": {
    "$ref": "#/components/schemas/readiness"
  },
  "build-up": {
    "type": "object",
    "properties": {
      "costs": {
        "$ref": "#/components/schemas/costs"
      },
      "findings": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/finding"
        }
      },
      "membraneDry": {
        "$ref": "#/components/schemas/figure"
      },
      "dry": {
        "$ref": "#/components/schemas/figure"
      },
      "thickness": {
        "$ref": "#/components/schemas/figure"
      },
      "weight": {
        "$ref": "#/components/schemas/figure"
      },
      "coats": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "layerId": {
              "type": "string"
            },
            "wet": {
              "$ref": "#/components/schemas/figure"
            },
            "dry": {
              "$ref": "#/components/schemas/figure"
            }
          },
          "required": [
            "layerId",
            "wet",
            "dry"
          ]
        }
      }
    },
    "required": [
      "costs",
      "findings",
      "membraneDry",
      "dry",
      "thickness",
      "weight",
      "coats"
    ]
  },
  "choose": {
    "type": "array",
    "items": {
      "$ref": "#/components/schemas/ranked"
    }
  },
  "acceptance": {
    "type": "object",
    "properties": {
      "film": {
        "$ref": "#/components/schemas/filmFromReadings"
      },
      "acceptance": {
        "$ref": "#/components/schemas/acceptance"
      }
    },
    "required": [
      "acceptance"
    ]
  },
  "takeoff": {
    "$ref": "#/components/schemas/takeoff"
  },
  "details": {
    "type": "object",
    "properties": {
      "zones": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "zoneId": {
              "type": "string"
            },
            "minutes": {
              "$ref": "#/components/schemas/figure"
            },
            "details": {
              "type": "array",
              "items": {
                "type": "object",
                "properties": {
                  "pieces": {
                    "type": "array",
                    "items": {
                      "type": "object",
                      "properties": {
                        "faces": {
                          "type": "array",
                          "items": {
                            "$ref": "#/components/schemas/face"
                          }
                        },
                        "name": {
                          "type": "string"
                        },
                        "measures": {
                          "type": "object",
                          "additionalProperties": {
                            "type": "number"
                          }
                        },
                        "count": {
                          "type": "number"
                        },
                        "ply": {
                          "type": "number"
                        },
                        "from": {
                          "type": "string"
                        },
                        "laps": {
                          "type": "string"
                        },
                        "bands": {
                          "type": "array",
                          "items": {
                            "$ref": "#/components/schemas/band"
                          }
                        }
                      },
                      "required": [
                        "faces",
                        "name",
                        "measures",
                        "count",
                        "ply",
                        "laps"
                      ]
                    }
                  },
                  "materials": {
                    "type": "array",
                    "items": {
                      "$ref": "#/components/schemas/materialUse"
                    }
                  },
                  "steps": {
                    "type": "array",
                    "items": {
                      "$ref": "#/components/schemas/step"
                    }
                  },
                  "minutes": {
                    "$ref": "#/components/schemas/figure"
                  },
                  "pocket": {
                    "$ref": "#/components/schemas/pocket"
                  },
                  "problems": {
                    "type": "array",
                    "items": {
                      "$ref": "#/components/schemas/problem"
                    }
                  },
                  "made": {
                    "$ref": "#/components/schemas/made"
                  },
                  "id": {
                    "type": "string"
                  },
                  "kind": {
                    "type": "string",
                    "enum": [
                      "bar",
                      "blister",
                      "board-joint",
                      "day-joint",
                      "drip",
                      "external-corner",
                      "fasteners",
                      "fillet",
                      "flanged-vent",
                      "gutter",
                      "internal-corner",
                      "kerb",
                      "movement-joint",
                      "moving-crack",
                      "outlet",
                      "parapet",
                      "patch",
                      "pipe",
                      "pipe-cluster",
                      "post",
                      "ridge",
                      "scupper",
                      "sheet-lap",
                      "split",
                      "stairs",
                      "static-crack",
                      "support",
                      "threshold",
                      "tie-in",
                      "upstand",
                      "wall-end",
                      "wall-foot"
                    ]
                  },
                  "zoneId": {
                    "type": "string"
                  },
                  "zoneName": {
                    "type": "string"
                  },
                  "where": {
                    "type": "string"
                  },
                  "place": {
                    "type": "object",
                    "properties": {
                      "alongM": {
                        "type": "number"
                      },
                      "acrossM": {
                        "type": "number"
                      }
                    },
                    "required": [
                      "alongM",
                      "acrossM"
                    ]
                  },
                  "path": {
                    "type": "array",
                    "items": {
                      "type": "array",
                      "prefixItems": [
                        {
                          "type": "number"
                        },
                        {
                          "type": "number"
                        }
                      ],
                      "minItems": 2,
                      "maxItems": 2
                    }
                  },
                  "count": {
                    "type": "number"
                  },
                  "length": {
                    "anyOf": [
                      {
                        "$ref": "#/components/schemas/figure"
                      },
                      {
                        "$ref": "#/components/schemas/given"
                      }
                    ]
                  },
                  "straightsM": {
                    "type": "array",
                    "items": {
                      "type": "number"
                    }
                  },
                  "sizes": {
                    "type": "object",
                    "additionalProperties": {
                      "type": "number"
                    }
                  },
                  "metal": {
                    "type": "boolean"
                  }
                },
                "required": [
                  "pieces",
                  "materials",
                  "steps",
                  "minutes",
                  "problems",
                  "made",
                  "id",
                  "kind",
                  "zoneId",
                  "zoneName",
                  "where",
                  "path",
                  "count",
                  "straightsM",
                  "sizes",
                  "metal"
                ]
              }
            },
            "pieces": {
              "type": "array",
              "items": {
                "type": "object",
                "properties": {
                  "label": {
                    "type": "string"
                  },
                  "count": {
                    "type": "number"
                  },
                  "details": {
                    "type": "array",
                    "items": {
                      "type": "string"
                    }
                  },
                  "name": {
                    "type": "string"
                  }
                },
                "required": [
                  "label",
                  "count",
                  "details",
                  "name"
                ]
              }
            }
          },
          "required": [
            "zoneId",
            "minutes",
            "details",
            "pieces"
          ]
        }
      },
      "missing": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "zoneId": {
              "type": "string"
            },
            "problems": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/problem"
              }
            }
          },
          "required": [
            "zoneId",
            "problems"
          ]
        }
      },
      "cutLists": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "placed": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/placedCut"
              }
            },
            "usedMm": {
              "type": "array",
              "items": {
                "type": "number"
              }
            },
            "totalMm": {
              "type": "number"
            },
            "leastMm": {
              "type": "number"
            },
            "waste": {
              "type": "number"
            },
            "left": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/cut"
              }
            },
            "roll": {
              "$ref": "#/components/schemas/roll"
            },
            "leftOvers": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/cutLeftOver"
              }
            },
            "zoneIds": {
              "type": "array",
              "items": {
                "type": "string"
              }
            }
          },
          "required": [
            "placed",
            "usedMm",
            "totalMm",
            "leastMm",
            "waste",
            "left",
            "roll",
            "leftOvers",
            "zoneIds"
          ]
        }
      }
    },
    "required": [
      "zones",
      "missing",
      "cutLists"
    ]
  },
  "courses": {
    "type": "object",
    "properties": {
      "materials": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "name": {
              "type": "string"
            },
            "bought": {
              "type": "array",
              "items": {
                "type": "object",
                "properties": {
                  "lengthM": {
                    "type": "number"
                  },
                  "price": {
                    "type": "number"
                  },
                  "count": {
                    "type": "number"
                  }
                },
                "required": [
                  "lengthM",
                  "count"
                ]
              }
            },
            "howGood": {
              "type": "string",
              "enum": [
                "least here",
                "least of any start",
                "near",
                "none"
              ]
            },
            "leastRolls": {
              "type": "number"
            },
            "leastAnyStart": {
              "type": "number"
            },
            "figures": {
              "$ref": "#/components/schemas/coursesFigures"
            },
            "pieces": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/coursePiece"
              }
            },
            "cutList": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/cutLine"
              }
            },
            "layLists": {
              "type": "array",
              "items": {
                "type": "object",
                "properties": {
                  "zoneId": {
                    "type": "string"
                  },
                  "layerId": {
                    "type": "string"
                  },
                  "courses": {
                    "type": "array",
                    "items": {
                      "type": "object",
                      "properties": {
                        "pieces": {
                          "type": "array",
                          "items": {
                            "type": "string"
                          }
                        },
                        "zoneName": {
                          "type": "string"
                        },
                        "plane": {
                          "type": "number"
                        },
                        "course": {
                          "type": "number"
                        },
                        "lowM": {
                          "type": "number"
                        },
                        "note": {
                          "type": "string"
                        }
                      },
                      "required": [
                        "pieces",
                        "zoneName",
                        "plane",
                        "course",
                        "lowM",
                        "note"
                      ]
                    }
                  }
                },
                "required": [
                  "zoneId",
                  "layerId",
                  "courses"
                ]
              }
            },
            "problems": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/problem"
              }
            }
          },
          "required": [
            "name",
            "bought",
            "howGood",
            "leastAnyStart",
            "pieces",
            "cutList",
            "layLists",
            "problems"
          ]
        }
      },
      "boards": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "zoneId": {
              "type": "string"
            },
            "layerId": {
              "type": "string"
            },
            "boards": {
              "type": "number"
            },
            "leastBoards": {
              "type": "number"
            },
            "pieces": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/boardPiece"
              }
            },
            "fasteners": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/figure"
              }
            }
          },
          "required": [
            "zoneId",
            "layerId",
            "boards",
            "leastBoards",
            "pieces",
            "fasteners"
          ]
        }
      }
    },
    "required": [
      "materials",
      "boards"
    ]
  },
  "joint": {
    "$ref": "#/components/schemas/sealantJoint"
  },
  "mix": {
    "$ref": "#/components/schemas/mixCard"
  },
  "kettle": {
    "$ref": "#/components/schemas/kettleCard"
  },
  "bench": {
    "$ref": "#/components/schemas/answer"
  },
  "bays": {
    "$ref": "#/components/schemas/baySplit"
  },
  "bay-route": {
    "$ref": "#/components/schemas/bayRoute"
  }
};

export const ANSWER_PARTS: Readonly<Record<string, oas31.SchemaObject>> = {
  "figure": {
    "type": "object",
    "properties": {
      "label": {
        "type": "string"
      },
      "value": {
        "type": "number"
      },
      "quantity": {
        "$ref": "#/components/schemas/quantity"
      },
      "formula": {
        "type": "string"
      },
      "inputs": {
        "type": "object",
        "additionalProperties": {
          "anyOf": [
            {
              "$ref": "#/components/schemas/figure"
            },
            {
              "$ref": "#/components/schemas/given"
            }
          ]
        }
      },
      "from": {
        "type": "string"
      }
    },
    "required": [
      "label",
      "value",
      "quantity",
      "formula",
      "inputs",
      "from"
    ]
  },
  "quantity": {
    "type": "string",
    "enum": [
      "angle",
      "area",
      "count",
      "days",
      "density",
      "fall",
      "film",
      "flow",
      "fraction",
      "gap",
      "hours",
      "lap",
      "length",
      "level",
      "load",
      "mass",
      "massFine",
      "minutes",
      "moisture",
      "number",
      "output",
      "percent",
      "pressure",
      "price",
      "pricePerArea",
      "rain",
      "rainRate",
      "rateMass",
      "rateVolume",
      "ratio",
      "share",
      "speed",
      "stress",
      "temperature",
      "temperatureDifference",
      "volume",
      "volumeFine",
      "weightPerArea",
      "years"
    ]
  },
  "given": {
    "type": "object",
    "properties": {
      "label": {
        "type": "string"
      },
      "value": {
        "type": "number"
      },
      "quantity": {
        "$ref": "#/components/schemas/quantity"
      },
      "source": {
        "$ref": "#/components/schemas/source"
      },
      "note": {
        "type": "string"
      },
      "cites": {
        "type": "string"
      }
    },
    "required": [
      "label",
      "value",
      "quantity",
      "source"
    ]
  },
  "conditionJudgement": {
    "type": "object",
    "properties": {
      "dewPoint": {
        "$ref": "#/components/schemas/figure"
      },
      "margin": {
        "$ref": "#/components/schemas/figure"
      },
      "checks": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/conditionCheck"
        }
      },
      "failing": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/conditionCheck"
        }
      },
      "unknown": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/conditionCheck"
        }
      },
      "surfaceNeeded": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "dewPoint",
      "margin",
      "checks",
      "failing",
      "unknown",
      "surfaceNeeded"
    ]
  },
  "conditionCheck": {
    "type": "object",
    "properties": {
      "kind": {
        "type": "string",
        "enum": [
          "airMax",
          "airMin",
          "dewMargin",
          "falling",
          "humidityMax",
          "humidityMin",
          "rain",
          "rising",
          "surfaceMax",
          "surfaceMin",
          "wind"
        ]
      },
      "actual": {
        "anyOf": [
          {
            "$ref": "#/components/schemas/figure"
          },
          {
            "$ref": "#/components/schemas/given"
          }
        ]
      },
      "limit": {
        "$ref": "#/components/schemas/given"
      },
      "answer": {
        "type": "string",
        "enum": [
          "broken",
          "holds",
          "unknown"
        ]
      }
    },
    "required": [
      "kind",
      "answer"
    ]
  },
  "parsedRate": {
    "type": "object",
    "properties": {
      "value": {
        "type": "number"
      },
      "basis": {
        "type": "string",
        "enum": [
          "dryFilm",
          "mass",
          "volume",
          "wetFilm"
        ]
      }
    },
    "required": [
      "value",
      "basis"
    ]
  },
  "zoneQuantities": {
    "type": "object",
    "properties": {
      "zoneId": {
        "type": "string"
      },
      "shape": {
        "$ref": "#/components/schemas/zoneShape"
      },
      "polygon": {
        "$ref": "#/components/schemas/polygon"
      },
      "ring": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "sides": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/shapeSide"
        }
      },
      "area": {
        "$ref": "#/components/schemas/figure"
      },
      "slopeArea": {
        "$ref": "#/components/schemas/figure"
      },
      "perimeter": {
        "$ref": "#/components/schemas/figure"
      },
      "edges": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/edgeQuantity"
        }
      },
      "upstandGirth": {
        "$ref": "#/components/schemas/figure"
      },
      "upstandArea": {
        "$ref": "#/components/schemas/figure"
      },
      "corners": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/upstandCorner"
        }
      },
      "internalCorners": {
        "$ref": "#/components/schemas/figure"
      },
      "externalCorners": {
        "$ref": "#/components/schemas/figure"
      },
      "features": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/featureQuantity"
        }
      }
    },
    "required": [
      "zoneId",
      "shape",
      "polygon",
      "ring",
      "sides",
      "area",
      "slopeArea",
      "perimeter",
      "edges",
      "upstandGirth",
      "upstandArea",
      "corners",
      "internalCorners",
      "externalCorners",
      "features"
    ]
  },
  "zoneShape": {
    "type": "object",
    "properties": {
      "polygon": {
        "$ref": "#/components/schemas/polygon"
      },
      "corners": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "sides": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/shapeSide"
        }
      },
      "ring": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "sideOf": {
        "type": "array",
        "items": {
          "type": "number"
        }
      }
    },
    "required": [
      "polygon",
      "corners",
      "sides",
      "ring",
      "sideOf"
    ]
  },
  "polygon": {
    "type": "object",
    "properties": {
      "outer": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "holes": {
        "type": "array",
        "items": {
          "type": "array",
          "items": {
            "type": "array",
            "prefixItems": [
              {
                "type": "number"
              },
              {
                "type": "number"
              }
            ],
            "minItems": 2,
            "maxItems": 2
          }
        }
      }
    },
    "required": [
      "outer",
      "holes"
    ]
  },
  "shapeSide": {
    "type": "object",
    "properties": {
      "from": {
        "type": "array",
        "prefixItems": [
          {
            "type": "number"
          },
          {
            "type": "number"
          }
        ],
        "minItems": 2,
        "maxItems": 2
      },
      "to": {
        "type": "array",
        "prefixItems": [
          {
            "type": "number"
          },
          {
            "type": "number"
          }
        ],
        "minItems": 2,
        "maxItems": 2
      },
      "lengthM": {
        "type": "number"
      },
      "riseM": {
        "type": "number"
      },
      "edge": {
        "anyOf": [
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "drip"
              }
            },
            "required": [
              "kind"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "footing"
              },
              "widthMm": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "widthMm"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "free"
              }
            },
            "required": [
              "kind"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "gutter"
              },
              "widthMm": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "widthMm"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "joint"
              },
              "widthMm": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "widthMm"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "parapet"
              },
              "heightMm": {
                "type": "number"
              },
              "topWidthMm": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "heightMm",
              "topWidthMm"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "threshold"
              },
              "heightMm": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "heightMm"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "tie-in"
              }
            },
            "required": [
              "kind"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "unsaid"
              }
            },
            "required": [
              "kind"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "upstand"
              },
              "heightMm": {
                "type": "number"
              },
              "termination": {
                "type": "string",
                "enum": [
                  "bar",
                  "chase",
                  "cladding",
                  "coping",
                  "open"
                ]
              }
            },
            "required": [
              "kind",
              "heightMm",
              "termination"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "wall-top"
              },
              "termination": {
                "type": "string",
                "enum": [
                  "bar",
                  "chase",
                  "cladding",
                  "coping",
                  "open"
                ]
              }
            },
            "required": [
              "kind",
              "termination"
            ]
          }
        ]
      }
    },
    "required": [
      "from",
      "to",
      "lengthM",
      "riseM",
      "edge"
    ]
  },
  "edgeQuantity": {
    "type": "object",
    "properties": {
      "kind": {
        "type": "string",
        "enum": [
          "drip",
          "footing",
          "free",
          "gutter",
          "joint",
          "parapet",
          "threshold",
          "tie-in",
          "unsaid",
          "upstand",
          "wall-top"
        ]
      },
      "length": {
        "$ref": "#/components/schemas/figure"
      },
      "area": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "kind",
      "length"
    ]
  },
  "upstandCorner": {
    "type": "object",
    "properties": {
      "kind": {
        "type": "string",
        "enum": [
          "end",
          "external",
          "internal"
        ]
      },
      "at": {
        "type": "array",
        "prefixItems": [
          {
            "type": "number"
          },
          {
            "type": "number"
          }
        ],
        "minItems": 2,
        "maxItems": 2
      },
      "where": {
        "type": "string"
      },
      "deg": {
        "type": "number"
      },
      "heightMm": {
        "type": "number"
      },
      "opening": {
        "type": "number"
      }
    },
    "required": [
      "kind",
      "at",
      "where",
      "deg",
      "heightMm"
    ]
  },
  "featureQuantity": {
    "type": "object",
    "properties": {
      "kind": {
        "type": "string",
        "enum": [
          "blister",
          "board-joint",
          "fasteners",
          "flanged-vent",
          "moving-crack",
          "outlet",
          "patch",
          "pipe",
          "pipe-cluster",
          "post",
          "ridge",
          "scupper",
          "sheet-lap",
          "spall",
          "split",
          "stairs",
          "static-crack",
          "support"
        ]
      },
      "count": {
        "$ref": "#/components/schemas/figure"
      },
      "length": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "kind",
      "count"
    ]
  },
  "tapedSolution": {
    "type": "object",
    "properties": {
      "points": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "measures": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/measureResult"
        }
      },
      "missing": {
        "type": "number"
      },
      "wanted": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/tapedMeasure"
        }
      },
      "checking": {
        "anyOf": [
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "diagonal"
              },
              "index": {
                "type": "number"
              },
              "from": {
                "type": "number"
              },
              "to": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "index",
              "from",
              "to"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "side"
              },
              "side": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "side"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "square"
              },
              "corner": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "corner"
            ]
          }
        ]
      },
      "suspects": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "result": {
              "$ref": "#/components/schemas/measureResult"
            },
            "fits": {
              "type": "number"
            }
          },
          "required": [
            "result",
            "fits"
          ]
        }
      },
      "turnedOver": {
        "type": "array",
        "items": {
          "type": "number"
        }
      },
      "spare": {
        "type": "number"
      }
    },
    "required": [
      "points",
      "measures",
      "missing",
      "wanted",
      "suspects",
      "turnedOver",
      "spare"
    ]
  },
  "measureResult": {
    "type": "object",
    "properties": {
      "measure": {
        "$ref": "#/components/schemas/tapedMeasure"
      },
      "given": {
        "type": "number"
      },
      "solved": {
        "type": "number"
      },
      "residual": {
        "type": "number"
      },
      "redundancy": {
        "type": "number"
      },
      "standardised": {
        "type": "number"
      }
    },
    "required": [
      "measure",
      "given",
      "solved",
      "residual",
      "redundancy",
      "standardised"
    ]
  },
  "tapedMeasure": {
    "anyOf": [
      {
        "type": "object",
        "properties": {
          "kind": {
            "type": "string",
            "const": "diagonal"
          },
          "index": {
            "type": "number"
          },
          "from": {
            "type": "number"
          },
          "to": {
            "type": "number"
          }
        },
        "required": [
          "kind",
          "index",
          "from",
          "to"
        ]
      },
      {
        "type": "object",
        "properties": {
          "kind": {
            "type": "string",
            "const": "side"
          },
          "side": {
            "type": "number"
          }
        },
        "required": [
          "kind",
          "side"
        ]
      },
      {
        "type": "object",
        "properties": {
          "kind": {
            "type": "string",
            "const": "square"
          },
          "corner": {
            "type": "number"
          }
        },
        "required": [
          "kind",
          "corner"
        ]
      }
    ]
  },
  "fallsReport": {
    "type": "object",
    "properties": {
      "outlets": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/outletReport"
        }
      },
      "edges": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "side": {
              "type": "number"
            },
            "takesM2": {
              "type": "number"
            }
          },
          "required": [
            "side",
            "takesM2"
          ]
        }
      },
      "levelling": {
        "$ref": "#/components/schemas/levellingReport"
      },
      "rain": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/rainLoad"
        }
      },
      "zoneId": {
        "type": "string"
      },
      "points": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "z": {
        "type": "array",
        "items": {
          "type": "number"
        }
      },
      "triangles": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 3,
          "maxItems": 3
        }
      },
      "facets": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/facet"
        }
      },
      "contours": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/contour"
        }
      },
      "estimated": {
        "type": "number"
      },
      "lowestM": {
        "type": "number"
      },
      "highestM": {
        "type": "number"
      },
      "meanFall": {
        "$ref": "#/components/schemas/figure"
      },
      "surfaceArea": {
        "$ref": "#/components/schemas/figure"
      },
      "belowLeast": {
        "$ref": "#/components/schemas/figure"
      },
      "hasDrain": {
        "type": "boolean"
      },
      "ponds": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/pondReport"
        }
      },
      "pondArea": {
        "$ref": "#/components/schemas/figure"
      },
      "spikes": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/spike"
        }
      }
    },
    "required": [
      "outlets",
      "edges",
      "rain",
      "zoneId",
      "points",
      "z",
      "triangles",
      "facets",
      "contours",
      "estimated",
      "lowestM",
      "highestM",
      "meanFall",
      "surfaceArea",
      "belowLeast",
      "hasDrain",
      "ponds",
      "pondArea",
      "spikes"
    ]
  },
  "outletReport": {
    "type": "object",
    "properties": {
      "takesM2": {
        "type": "number"
      },
      "featureId": {
        "type": "string"
      },
      "name": {
        "type": "string"
      },
      "at": {
        "type": "array",
        "prefixItems": [
          {
            "type": "number"
          },
          {
            "type": "number"
          }
        ],
        "minItems": 2,
        "maxItems": 2
      },
      "surfaceM": {
        "type": "number"
      },
      "rimM": {
        "type": "number"
      },
      "proudM": {
        "type": "number"
      }
    },
    "required": [
      "takesM2",
      "featureId",
      "name",
      "at",
      "surfaceM"
    ]
  },
  "levellingReport": {
    "type": "object",
    "properties": {
      "facts": {
        "$ref": "#/components/schemas/levelling"
      },
      "volume": {
        "$ref": "#/components/schemas/figure"
      },
      "mass": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "facts",
      "volume",
      "mass"
    ]
  },
  "levelling": {
    "type": "object",
    "properties": {
      "volumeL": {
        "type": "number"
      },
      "thickestM": {
        "type": "number"
      },
      "areaM2": {
        "type": "number"
      },
      "meanM": {
        "type": "number"
      },
      "cellM": {
        "type": "number"
      }
    },
    "required": [
      "volumeL",
      "thickestM",
      "areaM2",
      "meanM",
      "cellM"
    ]
  },
  "rainLoad": {
    "type": "object",
    "properties": {
      "featureId": {
        "type": "string"
      },
      "brings": {
        "$ref": "#/components/schemas/figure"
      },
      "takes": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "featureId",
      "brings"
    ]
  },
  "facet": {
    "type": "object",
    "properties": {
      "middle": {
        "type": "array",
        "prefixItems": [
          {
            "type": "number"
          },
          {
            "type": "number"
          }
        ],
        "minItems": 2,
        "maxItems": 2
      },
      "areaM2": {
        "type": "number"
      },
      "gradient": {
        "type": "array",
        "prefixItems": [
          {
            "type": "number"
          },
          {
            "type": "number"
          }
        ],
        "minItems": 2,
        "maxItems": 2
      },
      "fallPct": {
        "type": "number"
      }
    },
    "required": [
      "middle",
      "areaM2",
      "gradient",
      "fallPct"
    ]
  },
  "contour": {
    "type": "object",
    "properties": {
      "levelM": {
        "type": "number"
      },
      "pieces": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "array",
              "prefixItems": [
                {
                  "type": "number"
                },
                {
                  "type": "number"
                }
              ],
              "minItems": 2,
              "maxItems": 2
            },
            {
              "type": "array",
              "prefixItems": [
                {
                  "type": "number"
                },
                {
                  "type": "number"
                }
              ],
              "minItems": 2,
              "maxItems": 2
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      }
    },
    "required": [
      "levelM",
      "pieces"
    ]
  },
  "pondReport": {
    "type": "object",
    "properties": {
      "name": {
        "type": "string"
      },
      "volume": {
        "$ref": "#/components/schemas/figure"
      },
      "drainName": {
        "type": "string"
      },
      "levelM": {
        "type": "number"
      },
      "areaM2": {
        "type": "number"
      },
      "volumeL": {
        "type": "number"
      },
      "deepestM": {
        "type": "number"
      },
      "deepestAt": {
        "type": "array",
        "prefixItems": [
          {
            "type": "number"
          },
          {
            "type": "number"
          }
        ],
        "minItems": 2,
        "maxItems": 2
      },
      "wet": {
        "type": "array",
        "items": {
          "type": "array",
          "items": {
            "type": "array",
            "prefixItems": [
              {
                "type": "number"
              },
              {
                "type": "number"
              }
            ],
            "minItems": 2,
            "maxItems": 2
          }
        }
      },
      "drain": {
        "type": "string"
      },
      "estimated": {
        "type": "boolean"
      }
    },
    "required": [
      "name",
      "volume",
      "levelM",
      "areaM2",
      "volumeL",
      "deepestM",
      "deepestAt",
      "wet",
      "estimated"
    ]
  },
  "spike": {
    "type": "object",
    "properties": {
      "index": {
        "type": "number"
      },
      "measuredM": {
        "type": "number"
      },
      "expectedM": {
        "type": "number"
      }
    },
    "required": [
      "index",
      "measuredM",
      "expectedM"
    ]
  },
  "readiness": {
    "type": "object",
    "properties": {
      "zoneId": {
        "type": "string"
      },
      "weight": {
        "type": "string",
        "enum": [
          "fine",
          "hold",
          "refused",
          "steps"
        ]
      },
      "reasons": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/reason"
        }
      },
      "primer": {
        "type": "object",
        "properties": {
          "answer": {
            "type": "string",
            "enum": [
              "needed",
              "not known",
              "spared",
              "stop"
            ]
          },
          "says": {
            "type": "array",
            "items": {
              "$ref": "#/components/schemas/part"
            }
          }
        },
        "required": [
          "answer",
          "says"
        ]
      },
      "steps": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/prepStep"
        }
      }
    },
    "required": [
      "zoneId",
      "weight",
      "reasons",
      "primer",
      "steps"
    ]
  },
  "reason": {
    "type": "object",
    "properties": {
      "rule": {
        "type": "string"
      },
      "weight": {
        "$ref": "#/components/schemas/weight"
      },
      "subject": {
        "type": "string"
      },
      "says": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/part"
        }
      },
      "change": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/part"
        }
      },
      "facts": {
        "$ref": "#/components/schemas/reasonFacts"
      }
    },
    "required": [
      "rule",
      "weight",
      "subject",
      "says",
      "change",
      "facts"
    ]
  },
  "weight": {
    "type": "string",
    "enum": [
      "fine",
      "hold",
      "note",
      "refused",
      "steps"
    ]
  },
  "part": {
    "anyOf": [
      {
        "type": "object",
        "properties": {
          "atMs": {
            "type": "number"
          }
        },
        "required": [
          "atMs"
        ]
      },
      {
        "type": "object",
        "properties": {
          "day": {
            "type": "string"
          }
        },
        "required": [
          "day"
        ]
      },
      {
        "type": "object",
        "properties": {
          "figure": {
            "anyOf": [
              {
                "$ref": "#/components/schemas/figure"
              },
              {
                "$ref": "#/components/schemas/given"
              }
            ]
          }
        },
        "required": [
          "figure"
        ]
      },
      {
        "type": "string"
      }
    ]
  },
  "reasonFacts": {
    "type": "object",
    "properties": {
      "unknown": {
        "type": "boolean"
      },
      "actual": {
        "anyOf": [
          {
            "$ref": "#/components/schemas/figure"
          },
          {
            "$ref": "#/components/schemas/given"
          }
        ]
      },
      "limit": {
        "anyOf": [
          {
            "$ref": "#/components/schemas/figure"
          },
          {
            "$ref": "#/components/schemas/given"
          }
        ]
      },
      "readAtMs": {
        "type": "number"
      },
      "test": {
        "type": "string",
        "enum": [
          "core",
          "humidity",
          "moisture",
          "profile",
          "pull-off",
          "sheet",
          "slip",
          "strength",
          "strip-pull",
          "tack"
        ]
      },
      "item": {
        "type": "string"
      }
    }
  },
  "prepStep": {
    "type": "object",
    "properties": {
      "key": {
        "type": "string",
        "enum": [
          "blisters",
          "boards",
          "broom",
          "cut-cracks",
          "cut-wet",
          "degrease",
          "dry",
          "dry-again",
          "fasteners",
          "fibres",
          "fill-cracks",
          "fillets",
          "grind",
          "growth",
          "joints",
          "laps",
          "level",
          "outlets",
          "prime",
          "profile",
          "renew-fasteners",
          "rewash",
          "rust",
          "spalls",
          "splits",
          "strip",
          "stripe-cracks",
          "test",
          "voids",
          "wash"
        ]
      },
      "what": {
        "type": "string"
      },
      "quantity": {
        "$ref": "#/components/schemas/figure"
      },
      "how": {
        "type": "string"
      }
    },
    "required": [
      "key",
      "what",
      "how"
    ]
  },
  "costs": {
    "type": "object",
    "properties": {
      "perM2": {
        "$ref": "#/components/schemas/figure"
      },
      "unpriced": {
        "type": "array",
        "items": {
          "type": "string"
        }
      },
      "places": {
        "type": "array",
        "items": {
          "type": "string"
        }
      }
    },
    "required": [
      "perM2",
      "unpriced",
      "places"
    ]
  },
  "finding": {
    "type": "object",
    "properties": {
      "outcome": {
        "type": "string",
        "enum": [
          "hold",
          "stop"
        ]
      },
      "rule": {
        "type": "string"
      },
      "layerId": {
        "type": "string"
      },
      "subject": {
        "type": "string"
      },
      "says": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/part"
        }
      }
    },
    "required": [
      "outcome",
      "rule",
      "subject",
      "says"
    ]
  },
  "ranked": {
    "type": "object",
    "properties": {
      "buildUp": {
        "$ref": "#/components/schemas/buildUpOutput"
      },
      "suits": {
        "type": "string",
        "enum": [
          "conditional",
          "suitable",
          "unsuitable"
        ]
      },
      "reasons": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/ground"
        }
      },
      "measures": {
        "$ref": "#/components/schemas/measures"
      }
    },
    "required": [
      "buildUp",
      "suits",
      "reasons",
      "measures"
    ]
  },
  "ground": {
    "type": "object",
    "properties": {
      "rule": {
        "type": "string"
      },
      "suits": {
        "type": "string",
        "enum": [
          "conditional",
          "suitable",
          "unsuitable"
        ]
      },
      "says": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/part"
        }
      }
    },
    "required": [
      "rule",
      "suits",
      "says"
    ]
  },
  "measures": {
    "type": "object",
    "properties": {
      "buildUp": {
        "$ref": "#/components/schemas/buildUpOutput"
      },
      "membrane": {
        "$ref": "#/components/schemas/figure"
      },
      "thickness": {
        "$ref": "#/components/schemas/figure"
      },
      "weightPerM2": {
        "$ref": "#/components/schemas/figure"
      },
      "material": {
        "$ref": "#/components/schemas/figure"
      },
      "costPerM2": {
        "$ref": "#/components/schemas/figure"
      },
      "cost": {
        "$ref": "#/components/schemas/figure"
      },
      "unpriced": {
        "type": "array",
        "items": {
          "type": "string"
        }
      },
      "places": {
        "type": "array",
        "items": {
          "type": "string"
        }
      },
      "schedule": {
        "$ref": "#/components/schemas/schedule"
      },
      "noSchedule": {
        "type": "string"
      },
      "leastC": {
        "anyOf": [
          {
            "$ref": "#/components/schemas/figure"
          },
          {
            "$ref": "#/components/schemas/given"
          }
        ]
      },
      "mostC": {
        "anyOf": [
          {
            "$ref": "#/components/schemas/figure"
          },
          {
            "$ref": "#/components/schemas/given"
          }
        ]
      },
      "dewMarginK": {
        "anyOf": [
          {
            "$ref": "#/components/schemas/figure"
          },
          {
            "$ref": "#/components/schemas/given"
          }
        ]
      },
      "humidityMaxPct": {
        "anyOf": [
          {
            "$ref": "#/components/schemas/figure"
          },
          {
            "$ref": "#/components/schemas/given"
          }
        ]
      },
      "rainSafeH": {
        "anyOf": [
          {
            "$ref": "#/components/schemas/figure"
          },
          {
            "$ref": "#/components/schemas/given"
          }
        ]
      },
      "upkeep": {
        "$ref": "#/components/schemas/upkeep"
      }
    },
    "required": [
      "buildUp",
      "membrane",
      "thickness",
      "weightPerM2",
      "material",
      "costPerM2",
      "cost",
      "unpriced",
      "places"
    ]
  },
  "schedule": {
    "type": "object",
    "properties": {
      "laid": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/laid"
        }
      },
      "days": {
        "$ref": "#/components/schemas/figure"
      },
      "workHours": {
        "$ref": "#/components/schemas/figure"
      },
      "toFeet": {
        "$ref": "#/components/schemas/figure"
      },
      "toWheels": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "laid",
      "days",
      "workHours"
    ]
  },
  "laid": {
    "type": "object",
    "properties": {
      "layer": {
        "$ref": "#/components/schemas/layerOutput"
      },
      "startH": {
        "type": "number"
      },
      "finishH": {
        "type": "number"
      },
      "workH": {
        "type": "number"
      }
    },
    "required": [
      "layer",
      "startH",
      "finishH",
      "workH"
    ]
  },
  "upkeep": {
    "type": "object",
    "properties": {
      "years": {
        "type": "number"
      },
      "recoats": {
        "$ref": "#/components/schemas/figure"
      },
      "renewals": {
        "$ref": "#/components/schemas/figure"
      },
      "inspections": {
        "$ref": "#/components/schemas/figure"
      },
      "costPerM2": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "years",
      "recoats",
      "renewals",
      "inspections",
      "costPerM2"
    ]
  },
  "filmFromReadings": {
    "type": "object",
    "properties": {
      "count": {
        "type": "number"
      },
      "meanMm": {
        "type": "number"
      },
      "lowMeanMm": {
        "type": "number"
      },
      "highMeanMm": {
        "type": "number"
      }
    },
    "required": [
      "count",
      "meanMm",
      "lowMeanMm"
    ]
  },
  "acceptance": {
    "type": "object",
    "properties": {
      "rule": {
        "type": "string",
        "enum": [
          "average-and-spots",
          "mean-and-share",
          "minimum"
        ]
      },
      "outcome": {
        "type": "string",
        "enum": [
          "fails",
          "no readings",
          "passes",
          "too close to tell"
        ]
      },
      "reasons": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/acceptanceReason"
        }
      }
    },
    "required": [
      "rule",
      "outcome",
      "reasons"
    ]
  },
  "acceptanceReason": {
    "anyOf": [
      {
        "type": "object",
        "properties": {
          "kind": {
            "type": "string",
            "const": "mean"
          },
          "actualMm": {
            "type": "number"
          },
          "limitMm": {
            "type": "number"
          }
        },
        "required": [
          "kind",
          "actualMm",
          "limitMm"
        ]
      },
      {
        "type": "object",
        "properties": {
          "kind": {
            "type": "string",
            "const": "reading"
          },
          "actualMm": {
            "type": "number"
          },
          "limitMm": {
            "type": "number"
          },
          "index": {
            "type": "number"
          }
        },
        "required": [
          "kind",
          "actualMm",
          "limitMm",
          "index"
        ]
      },
      {
        "type": "object",
        "properties": {
          "kind": {
            "type": "string",
            "const": "share"
          },
          "actual": {
            "type": "number"
          },
          "limit": {
            "type": "number"
          },
          "leastShare": {
            "type": "number"
          }
        },
        "required": [
          "kind",
          "actual",
          "limit",
          "leastShare"
        ]
      },
      {
        "type": "object",
        "properties": {
          "kind": {
            "type": "string",
            "const": "spot"
          },
          "actualMm": {
            "type": "number"
          },
          "limitMm": {
            "type": "number"
          },
          "index": {
            "type": "number"
          }
        },
        "required": [
          "kind",
          "actualMm",
          "limitMm",
          "index"
        ]
      }
    ]
  },
  "takeoff": {
    "type": "object",
    "properties": {
      "groups": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/orderGroup"
        }
      },
      "lines": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/orderLine"
        }
      },
      "missing": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/missing"
        }
      },
      "unsaid": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/missing"
        }
      },
      "undelivered": {
        "type": "array",
        "items": {
          "type": "string"
        }
      },
      "idle": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "id": {
              "type": "string"
            },
            "item": {
              "type": "string"
            },
            "name": {
              "type": "string"
            },
            "amount": {
              "type": "number"
            },
            "opened": {
              "type": "boolean"
            },
            "unit": {
              "type": "string",
              "enum": [
                "mass",
                "volume"
              ]
            },
            "bestBefore": {
              "type": "string"
            }
          },
          "required": [
            "id",
            "item",
            "name",
            "amount",
            "opened"
          ]
        }
      }
    },
    "required": [
      "groups",
      "lines",
      "missing",
      "unsaid",
      "undelivered",
      "idle"
    ]
  },
  "orderGroup": {
    "type": "object",
    "properties": {
      "id": {
        "type": "string"
      },
      "name": {
        "type": "string"
      },
      "delivery": {
        "type": "object",
        "properties": {
          "id": {
            "type": "string"
          },
          "name": {
            "type": "string"
          },
          "on": {
            "type": "string"
          },
          "usedBy": {
            "type": "string"
          },
          "zoneIds": {
            "type": "array",
            "items": {
              "type": "string"
            }
          }
        },
        "required": [
          "id",
          "name",
          "on",
          "usedBy",
          "zoneIds"
        ]
      },
      "lines": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/orderLine"
        }
      },
      "price": {
        "$ref": "#/components/schemas/figure"
      },
      "unpriced": {
        "type": "array",
        "items": {
          "type": "string"
        }
      },
      "mass": {
        "$ref": "#/components/schemas/figure"
      },
      "pallets": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "id",
      "name",
      "lines",
      "price",
      "unpriced",
      "mass",
      "pallets"
    ]
  },
  "orderLine": {
    "type": "object",
    "properties": {
      "key": {
        "type": "string"
      },
      "section": {
        "type": "string",
        "enum": [
          "details",
          "ground",
          "making",
          "membrane"
        ]
      },
      "item": {
        "$ref": "#/components/schemas/item"
      },
      "layers": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "buildUp": {
              "$ref": "#/components/schemas/buildUpOutput"
            },
            "layer": {
              "$ref": "#/components/schemas/layerOutput"
            }
          },
          "required": [
            "buildUp",
            "layer"
          ]
        }
      },
      "zoneNames": {
        "type": "array",
        "items": {
          "type": "string"
        }
      },
      "quantity": {
        "$ref": "#/components/schemas/quantity"
      },
      "net": {
        "$ref": "#/components/schemas/figure"
      },
      "gross": {
        "$ref": "#/components/schemas/figure"
      },
      "drawn": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/drawn"
        }
      },
      "need": {
        "$ref": "#/components/schemas/figure"
      },
      "buy": {
        "$ref": "#/components/schemas/choice"
      },
      "runnerUp": {
        "$ref": "#/components/schemas/choice"
      },
      "chosenBy": {
        "type": "string",
        "enum": [
          "least cost",
          "least left over"
        ]
      },
      "proven": {
        "type": "boolean"
      },
      "pricedBy": {
        "type": "string"
      },
      "price": {
        "$ref": "#/components/schemas/figure"
      },
      "mass": {
        "$ref": "#/components/schemas/figure"
      },
      "carriage": {
        "$ref": "#/components/schemas/carriage"
      },
      "problems": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/problem"
        }
      }
    },
    "required": [
      "key",
      "section",
      "item",
      "layers",
      "zoneNames",
      "quantity",
      "net",
      "gross",
      "drawn",
      "need",
      "buy",
      "chosenBy",
      "proven",
      "problems"
    ]
  },
  "item": {
    "type": "object",
    "properties": {
      "key": {
        "type": "string"
      },
      "name": {
        "type": "string"
      },
      "kind": {
        "type": "string",
        "enum": [
          "broadcast",
          "coat",
          "fabric",
          "pieces",
          "protection",
          "sheet",
          "sundry"
        ]
      },
      "waste": {
        "type": "string",
        "enum": [
          "aggregate",
          "fabric",
          "liquid",
          "sheet",
          "sundry"
        ]
      },
      "quantity": {
        "$ref": "#/components/schemas/quantity"
      },
      "formerly": {
        "type": "object",
        "properties": {
          "key": {
            "type": "string"
          },
          "unit": {
            "type": "string",
            "enum": [
              "mass",
              "volume"
            ]
          },
          "each": {
            "type": "number"
          }
        },
        "required": [
          "key",
          "unit",
          "each"
        ]
      },
      "packs": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/pack"
        }
      },
      "hazards": {
        "type": "array",
        "items": {
          "type": "string",
          "enum": [
            "corrosive",
            "dust",
            "eye damage",
            "flammable",
            "harms water",
            "heavy",
            "hot",
            "irritant",
            "open flame",
            "oxidising",
            "sensitising",
            "toxic"
          ]
        }
      },
      "shelfLifeMonths": {
        "$ref": "#/components/schemas/sourced"
      },
      "openedDays": {
        "$ref": "#/components/schemas/sourced"
      },
      "currency": {
        "type": "string"
      }
    },
    "required": [
      "key",
      "name",
      "kind",
      "quantity",
      "packs",
      "hazards",
      "currency"
    ]
  },
  "pack": {
    "type": "object",
    "properties": {
      "id": {
        "type": "string"
      },
      "name": {
        "type": "string"
      },
      "net": {
        "type": "number"
      },
      "massKg": {
        "type": "number"
      },
      "price": {
        "$ref": "#/components/schemas/sourced"
      }
    },
    "required": [
      "id",
      "name",
      "net"
    ]
  },
  "sourced": {
    "type": "object",
    "properties": {
      "value": {
        "type": "number"
      },
      "source": {
        "type": "string",
        "enum": [
          "assumed",
          "chosen",
          "data sheet",
          "definition",
          "measured",
          "typical"
        ]
      },
      "cites": {
        "type": "string"
      }
    },
    "required": [
      "value",
      "source"
    ]
  },
  "drawn": {
    "type": "object",
    "properties": {
      "stock": {
        "type": "object",
        "properties": {
          "id": {
            "type": "string"
          },
          "item": {
            "type": "string"
          },
          "name": {
            "type": "string"
          },
          "amount": {
            "type": "number"
          },
          "opened": {
            "type": "boolean"
          },
          "unit": {
            "type": "string",
            "enum": [
              "mass",
              "volume"
            ]
          },
          "bestBefore": {
            "type": "string"
          }
        },
        "required": [
          "id",
          "item",
          "name",
          "amount",
          "opened"
        ]
      },
      "amount": {
        "type": "number"
      }
    },
    "required": [
      "stock",
      "amount"
    ]
  },
  "choice": {
    "type": "object",
    "properties": {
      "picks": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "container": {
              "$ref": "#/components/schemas/pack"
            },
            "count": {
              "type": "number"
            }
          },
          "required": [
            "container",
            "count"
          ]
        }
      },
      "total": {
        "type": "number"
      },
      "leftOver": {
        "type": "number"
      }
    },
    "required": [
      "picks",
      "total",
      "leftOver"
    ]
  },
  "carriage": {
    "type": "object",
    "properties": {
      "what": {
        "type": "string"
      },
      "says": {
        "type": "string"
      }
    },
    "required": [
      "what",
      "says"
    ]
  },
  "problem": {
    "type": "object",
    "properties": {
      "kind": {
        "$ref": "#/components/schemas/problemKind"
      },
      "field": {
        "type": "string"
      },
      "label": {
        "type": "string"
      },
      "actual": {
        "type": "string"
      },
      "expected": {
        "type": "string"
      }
    },
    "required": [
      "kind",
      "field",
      "label",
      "actual",
      "expected"
    ]
  },
  "problemKind": {
    "type": "string",
    "enum": [
      "ambiguousNumber",
      "chain",
      "crossing",
      "duplicate",
      "holeOutside",
      "holesOverlap",
      "inUse",
      "malformed",
      "missing",
      "notANumber",
      "notClosed",
      "order",
      "outOfRange",
      "tooFew",
      "truncated",
      "unfinished",
      "unknown",
      "wrong",
      "wrongUnit"
    ]
  },
  "missing": {
    "type": "object",
    "properties": {
      "zoneId": {
        "type": "string"
      },
      "zoneName": {
        "type": "string"
      },
      "why": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/problem"
        }
      }
    },
    "required": [
      "zoneId",
      "zoneName",
      "why"
    ]
  },
  "face": {
    "type": "object",
    "properties": {
      "use": {
        "$ref": "#/components/schemas/faceUse"
      },
      "shape": {
        "$ref": "#/components/schemas/polygon"
      }
    },
    "required": [
      "use",
      "shape"
    ]
  },
  "faceUse": {
    "type": "string",
    "enum": [
      "base",
      "cant",
      "down",
      "finger",
      "flap",
      "loop",
      "top",
      "wall"
    ]
  },
  "band": {
    "type": "object",
    "properties": {
      "use": {
        "$ref": "#/components/schemas/faceUse"
      },
      "mm": {
        "type": "number"
      },
      "turnDeg": {
        "type": "number"
      }
    },
    "required": [
      "use",
      "mm",
      "turnDeg"
    ]
  },
  "materialUse": {
    "type": "object",
    "properties": {
      "material": {
        "anyOf": [
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "curb"
              },
              "partId": {
                "type": "string"
              }
            },
            "required": [
              "kind",
              "partId"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "layer"
              },
              "layerId": {
                "type": "string"
              }
            },
            "required": [
              "kind",
              "layerId"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "pocket"
              },
              "layerId": {
                "type": "string"
              }
            },
            "required": [
              "kind",
              "layerId"
            ]
          },
          {
            "type": "object",
            "properties": {
              "kind": {
                "type": "string",
                "const": "sundry"
              },
              "key": {
                "type": "string",
                "enum": [
                  "backer rod",
                  "bar",
                  "board fastener",
                  "bond breaker",
                  "elastomer strip",
                  "fabric",
                  "fastener",
                  "granules",
                  "head nail",
                  "joint filler",
                  "lap primer",
                  "metal primer",
                  "mortar",
                  "plate fastener",
                  "sealant",
                  "tape",
                  "temporary nail"
                ]
              },
              "sizeMm": {
                "type": "number"
              }
            },
            "required": [
              "kind",
              "key"
            ]
          }
        ]
      },
      "name": {
        "type": "string"
      },
      "use": {
        "type": "string"
      },
      "amount": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "material",
      "name",
      "use",
      "amount"
    ]
  },
  "step": {
    "type": "object",
    "properties": {
      "says": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/part"
        }
      },
      "hold": {
        "type": "string"
      },
      "waitMin": {
        "$ref": "#/components/schemas/given"
      }
    },
    "required": [
      "says"
    ]
  },
  "pocket": {
    "type": "object",
    "properties": {
      "cluster": {
        "$ref": "#/components/schemas/cluster"
      },
      "curb": {
        "$ref": "#/components/schemas/curb"
      },
      "heightMm": {
        "type": "number"
      },
      "pour": {
        "$ref": "#/components/schemas/figure"
      },
      "large": {
        "type": "boolean"
      },
      "materials": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/materialUse"
        }
      },
      "steps": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/step"
        }
      }
    },
    "required": [
      "cluster",
      "curb",
      "heightMm",
      "pour",
      "large",
      "materials",
      "steps"
    ]
  },
  "cluster": {
    "type": "object",
    "properties": {
      "lengthMm": {
        "type": "number"
      },
      "widthMm": {
        "type": "number"
      },
      "pipes": {
        "type": "number"
      },
      "pipeMm": {
        "type": "number"
      }
    },
    "required": [
      "lengthMm",
      "widthMm",
      "pipes",
      "pipeMm"
    ]
  },
  "curb": {
    "type": "object",
    "properties": {
      "shape": {
        "type": "string",
        "enum": [
          "oval",
          "round",
          "rounded rectangle"
        ]
      },
      "parts": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "part": {
              "type": "object",
              "properties": {
                "id": {
                  "type": "string"
                },
                "name": {
                  "type": "string"
                },
                "shape": {
                  "type": "string",
                  "enum": [
                    "round",
                    "rounded corner",
                    "straight"
                  ]
                },
                "sizeMm": {
                  "$ref": "#/components/schemas/sourced"
                },
                "massKg": {
                  "$ref": "#/components/schemas/sourced"
                },
                "price": {
                  "$ref": "#/components/schemas/sourced"
                }
              },
              "required": [
                "id",
                "name",
                "shape",
                "sizeMm"
              ]
            },
            "count": {
              "type": "number"
            }
          },
          "required": [
            "part",
            "count"
          ]
        }
      },
      "lengthMm": {
        "type": "number"
      },
      "widthMm": {
        "type": "number"
      },
      "radiusMm": {
        "type": "number"
      },
      "clearanceMm": {
        "type": "number"
      },
      "inside": {
        "$ref": "#/components/schemas/figure"
      },
      "insideGirthMm": {
        "type": "number"
      }
    },
    "required": [
      "shape",
      "parts",
      "lengthMm",
      "widthMm",
      "radiusMm",
      "clearanceMm",
      "inside",
      "insideGirthMm"
    ]
  },
  "made": {
    "type": "object",
    "properties": {
      "rules": {
        "$ref": "#/components/schemas/detailRules"
      },
      "own": {
        "$ref": "#/components/schemas/ownWay"
      }
    },
    "required": [
      "rules"
    ]
  },
  "ownWay": {
    "type": "object",
    "properties": {
      "coat": {
        "$ref": "#/components/schemas/layerOutput"
      },
      "kinds": {
        "type": "array",
        "items": {
          "type": "string",
          "enum": [
            "bar",
            "blister",
            "board-joint",
            "day-joint",
            "drip",
            "external-corner",
            "fasteners",
            "fillet",
            "flanged-vent",
            "gutter",
            "internal-corner",
            "kerb",
            "movement-joint",
            "moving-crack",
            "outlet",
            "parapet",
            "patch",
            "pipe",
            "pipe-cluster",
            "post",
            "ridge",
            "scupper",
            "sheet-lap",
            "split",
            "stairs",
            "static-crack",
            "support",
            "threshold",
            "tie-in",
            "upstand",
            "wall-end",
            "wall-foot"
          ]
        }
      },
      "coatId": {
        "type": "string"
      },
      "form": {
        "type": "string",
        "enum": [
          "bedded pieces",
          "coats alone",
          "liquid flashing",
          "stripe",
          "thick patch",
          "three courses"
        ]
      },
      "coats": {
        "type": "number"
      },
      "widthMm": {
        "$ref": "#/components/schemas/sourced"
      },
      "pastMm": {
        "$ref": "#/components/schemas/sourced"
      },
      "cutFrom": {
        "type": "string"
      },
      "granulesKgPerM2": {
        "$ref": "#/components/schemas/sourced"
      },
      "abrade": {
        "type": "boolean"
      }
    },
    "required": [
      "coat",
      "kinds",
      "coatId",
      "form"
    ]
  },
  "placedCut": {
    "type": "object",
    "properties": {
      "key": {
        "type": "string"
      },
      "label": {
        "type": "string"
      },
      "roll": {
        "type": "number"
      },
      "alongMm": {
        "type": "number"
      },
      "acrossMm": {
        "type": "number"
      },
      "longMm": {
        "type": "number"
      },
      "wideMm": {
        "type": "number"
      },
      "turned": {
        "type": "boolean"
      }
    },
    "required": [
      "key",
      "label",
      "roll",
      "alongMm",
      "acrossMm",
      "longMm",
      "wideMm",
      "turned"
    ]
  },
  "cut": {
    "type": "object",
    "properties": {
      "key": {
        "type": "string"
      },
      "label": {
        "type": "string"
      },
      "widthMm": {
        "type": "number"
      },
      "heightMm": {
        "type": "number"
      },
      "count": {
        "type": "number"
      }
    },
    "required": [
      "key",
      "label",
      "widthMm",
      "heightMm",
      "count"
    ]
  },
  "roll": {
    "type": "object",
    "properties": {
      "name": {
        "type": "string"
      },
      "widthMm": {
        "type": "number"
      },
      "lengthMm": {
        "type": "number"
      }
    },
    "required": [
      "name",
      "widthMm",
      "lengthMm"
    ]
  },
  "cutLeftOver": {
    "type": "object",
    "properties": {
      "placed": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/placedCut"
        }
      },
      "usedMm": {
        "type": "number"
      },
      "lengthMm": {
        "type": "number"
      },
      "of": {
        "type": "string"
      }
    },
    "required": [
      "placed",
      "usedMm",
      "lengthMm",
      "of"
    ]
  },
  "coursesFigures": {
    "type": "object",
    "properties": {
      "needed": {
        "$ref": "#/components/schemas/figure"
      },
      "least": {
        "$ref": "#/components/schemas/figure"
      },
      "sideLaps": {
        "$ref": "#/components/schemas/figure"
      },
      "endLaps": {
        "$ref": "#/components/schemas/figure"
      },
      "laps": {
        "$ref": "#/components/schemas/figure"
      },
      "lapArea": {
        "$ref": "#/components/schemas/figure"
      },
      "waste": {
        "$ref": "#/components/schemas/figure"
      },
      "cornerCuts": {
        "type": "number"
      }
    },
    "required": [
      "needed",
      "least",
      "sideLaps",
      "endLaps",
      "laps",
      "lapArea",
      "waste",
      "cornerCuts"
    ]
  },
  "coursePiece": {
    "type": "object",
    "properties": {
      "label": {
        "type": "string"
      },
      "zoneId": {
        "type": "string"
      },
      "layerId": {
        "type": "string"
      },
      "plane": {
        "type": "number"
      },
      "course": {
        "type": "number"
      },
      "fromM": {
        "type": "number"
      },
      "toM": {
        "type": "number"
      },
      "lowM": {
        "type": "number"
      },
      "widthM": {
        "type": "number"
      },
      "half": {
        "type": "boolean"
      },
      "cap": {
        "type": "boolean"
      },
      "roll": {
        "type": "number"
      },
      "atM": {
        "type": "number"
      },
      "fixedBy": {
        "type": "string"
      },
      "bare": {
        "type": "boolean"
      },
      "lapLeft": {
        "type": "boolean"
      },
      "lapRight": {
        "type": "boolean"
      }
    },
    "required": [
      "label",
      "zoneId",
      "layerId",
      "plane",
      "course",
      "fromM",
      "toM",
      "lowM",
      "widthM",
      "half",
      "cap",
      "roll",
      "atM",
      "bare",
      "lapLeft",
      "lapRight"
    ]
  },
  "cutLine": {
    "type": "object",
    "properties": {
      "roll": {
        "type": "number"
      },
      "rollM": {
        "type": "number"
      },
      "inStock": {
        "type": "boolean"
      },
      "cut": {
        "type": "number"
      },
      "atM": {
        "type": "number"
      },
      "lengthM": {
        "type": "number"
      },
      "labels": {
        "type": "array",
        "items": {
          "type": "string"
        }
      },
      "slit": {
        "type": "boolean"
      },
      "places": {
        "type": "string"
      },
      "leftM": {
        "type": "number"
      }
    },
    "required": [
      "roll",
      "rollM",
      "inStock",
      "cut",
      "atM",
      "lengthM",
      "labels",
      "slit",
      "places",
      "leftM"
    ]
  },
  "boardPiece": {
    "type": "object",
    "properties": {
      "row": {
        "type": "number"
      },
      "fromM": {
        "type": "number"
      },
      "toM": {
        "type": "number"
      },
      "lowM": {
        "type": "number"
      },
      "widthM": {
        "type": "number"
      },
      "cut": {
        "type": "boolean"
      },
      "offcut": {
        "type": "boolean"
      }
    },
    "required": [
      "row",
      "fromM",
      "toM",
      "lowM",
      "widthM",
      "cut",
      "offcut"
    ]
  },
  "sealantJoint": {
    "type": "object",
    "properties": {
      "depth": {
        "$ref": "#/components/schemas/figure"
      },
      "rodMm": {
        "$ref": "#/components/schemas/figure"
      },
      "rodOnSaleMm": {
        "type": "number"
      },
      "volume": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "depth",
      "rodMm",
      "volume"
    ]
  },
  "mixCard": {
    "type": "object",
    "properties": {
      "batch": {
        "$ref": "#/components/schemas/figure"
      },
      "limits": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/mixLimit"
        }
      },
      "parts": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/mixedPart"
        }
      },
      "catalyst": {
        "type": "object",
        "properties": {
          "percent": {
            "$ref": "#/components/schemas/given"
          },
          "mass": {
            "$ref": "#/components/schemas/figure"
          }
        },
        "required": [
          "percent",
          "mass"
        ]
      },
      "thickener": {
        "type": "object",
        "properties": {
          "percent": {
            "$ref": "#/components/schemas/given"
          },
          "mass": {
            "$ref": "#/components/schemas/figure"
          },
          "trial": {
            "$ref": "#/components/schemas/given"
          }
        },
        "required": [
          "percent",
          "mass",
          "trial"
        ]
      },
      "thinner": {
        "type": "object",
        "properties": {
          "name": {
            "type": "string"
          },
          "most": {
            "$ref": "#/components/schemas/given"
          },
          "volume": {
            "$ref": "#/components/schemas/figure"
          }
        },
        "required": [
          "name",
          "most",
          "volume"
        ]
      },
      "volume": {
        "$ref": "#/components/schemas/figure"
      },
      "covers": {
        "$ref": "#/components/schemas/figure"
      },
      "film": {
        "$ref": "#/components/schemas/figure"
      },
      "potLife": {
        "$ref": "#/components/schemas/figure"
      },
      "kit": {
        "type": "object",
        "properties": {
          "name": {
            "type": "string"
          },
          "share": {
            "$ref": "#/components/schemas/figure"
          }
        },
        "required": [
          "name",
          "share"
        ]
      },
      "steps": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/mixStep"
        }
      }
    },
    "required": [
      "batch",
      "limits",
      "parts",
      "volume",
      "covers",
      "film",
      "potLife",
      "steps"
    ]
  },
  "mixLimit": {
    "type": "object",
    "properties": {
      "name": {
        "type": "string"
      },
      "mass": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "name",
      "mass"
    ]
  },
  "mixedPart": {
    "type": "object",
    "properties": {
      "id": {
        "type": "string"
      },
      "name": {
        "type": "string"
      },
      "mass": {
        "$ref": "#/components/schemas/figure"
      },
      "volume": {
        "$ref": "#/components/schemas/figure"
      }
    },
    "required": [
      "id",
      "name",
      "mass",
      "volume"
    ]
  },
  "mixStep": {
    "type": "object",
    "properties": {
      "says": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/part"
        }
      },
      "minutes": {
        "$ref": "#/components/schemas/given"
      }
    },
    "required": [
      "says"
    ]
  },
  "kettleCard": {
    "type": "object",
    "properties": {
      "charge": {
        "$ref": "#/components/schemas/figure"
      },
      "blocks": {
        "type": "object",
        "properties": {
          "name": {
            "type": "string"
          },
          "count": {
            "$ref": "#/components/schemas/figure"
          }
        },
        "required": [
          "name",
          "count"
        ]
      },
      "melts": {
        "$ref": "#/components/schemas/figure"
      },
      "from": {
        "$ref": "#/components/schemas/given"
      },
      "most": {
        "$ref": "#/components/schemas/given"
      },
      "keeps": {
        "$ref": "#/components/schemas/given"
      },
      "covers": {
        "$ref": "#/components/schemas/figure"
      },
      "film": {
        "$ref": "#/components/schemas/figure"
      },
      "probes": {
        "$ref": "#/components/schemas/figure"
      },
      "steps": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "says": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/part"
              }
            }
          },
          "required": [
            "says"
          ]
        }
      },
      "care": {
        "$ref": "#/components/schemas/hotCare"
      }
    },
    "required": [
      "charge",
      "melts",
      "from",
      "most",
      "keeps",
      "covers",
      "film",
      "probes",
      "steps",
      "care"
    ]
  },
  "hotCare": {
    "type": "object",
    "properties": {
      "before": {
        "type": "array",
        "items": {
          "type": "array",
          "items": {
            "$ref": "#/components/schemas/part"
          }
        }
      },
      "fire": {
        "type": "array",
        "items": {
          "type": "array",
          "items": {
            "$ref": "#/components/schemas/part"
          }
        }
      },
      "burns": {
        "type": "array",
        "items": {
          "type": "array",
          "items": {
            "$ref": "#/components/schemas/part"
          }
        }
      },
      "end": {
        "type": "array",
        "items": {
          "type": "array",
          "items": {
            "$ref": "#/components/schemas/part"
          }
        }
      }
    },
    "required": [
      "before",
      "fire",
      "burns",
      "end"
    ]
  },
  "answer": {
    "type": "object",
    "properties": {
      "figures": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/figure"
        }
      },
      "notes": {
        "type": "array",
        "items": {
          "type": "string"
        }
      }
    },
    "required": [
      "figures",
      "notes"
    ]
  },
  "baySplit": {
    "type": "object",
    "properties": {
      "bays": {
        "type": "array",
        "items": {
          "type": "object",
          "properties": {
            "id": {
              "type": "string"
            },
            "zoneId": {
              "type": "string"
            },
            "label": {
              "type": "string"
            },
            "parts": {
              "type": "array",
              "items": {
                "$ref": "#/components/schemas/polygon"
              }
            }
          },
          "required": [
            "id",
            "zoneId",
            "label",
            "parts"
          ]
        }
      },
      "covers": {
        "$ref": "#/components/schemas/figure"
      },
      "by": {
        "type": "string"
      },
      "nearLow": {
        "type": "number"
      }
    },
    "required": [
      "bays",
      "covers",
      "by",
      "nearLow"
    ]
  },
  "bayRoute": {
    "type": "object",
    "properties": {
      "steps": {
        "type": "array",
        "items": {
          "$ref": "#/components/schemas/routeStep"
        }
      },
      "access": {
        "type": "array",
        "prefixItems": [
          {
            "type": "number"
          },
          {
            "type": "number"
          }
        ],
        "minItems": 2,
        "maxItems": 2
      }
    },
    "required": [
      "steps",
      "access"
    ]
  },
  "routeStep": {
    "type": "object",
    "properties": {
      "bayId": {
        "type": "string"
      },
      "wayOut": {
        "type": "array",
        "items": {
          "type": "array",
          "prefixItems": [
            {
              "type": "number"
            },
            {
              "type": "number"
            }
          ],
          "minItems": 2,
          "maxItems": 2
        }
      },
      "over": {
        "type": "array",
        "items": {
          "type": "string"
        }
      }
    },
    "required": [
      "bayId",
      "wayOut",
      "over"
    ]
  }
};

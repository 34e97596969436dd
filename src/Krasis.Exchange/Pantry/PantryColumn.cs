using System.Globalization;
using Krasis.Core.Bar.Ingredients;

namespace Krasis.Exchange.Pantry;

/// <summary>One column of a comma-separated pantry file; named as the field is in JSON.</summary>
/// <param name="Name">What stands in the first line.</param>
/// <param name="Accepted">What may stand in it, for messages.</param>
/// <param name="Write">What stands in it for an ingredient.</param>
/// <param name="Read">The ingredient with what stands in it; null when that cannot be read. An empty cell is not
/// known.</param>
internal sealed record PantryColumn(
    string Name,
    string Accepted,
    Func<IngredientDocument, string?> Write,
    Func<IngredientDocument, string, IngredientDocument?> Read
)
{
    /// <summary>Every column, in the order in which they are written.</summary>
    public static IReadOnlyList<PantryColumn> All { get; } =
    [
        Text("id", document => document.Id, (document, value) => document with { Id = value }),
        Text("name", document => document.Name, (document, value) => document with { Name = value }),
        Text("kind", document => document.Kind, (document, value) => document with { Kind = value }),
        Number(
            "densityGramsPerMl",
            document => document.DensityGramsPerMl,
            (document, value) => document with { DensityGramsPerMl = value }
        ),
        Number("brix", document => document.Brix, (document, value) => document with { Brix = value }),
        Text("colour", document => document.Colour, (document, value) => document with { Colour = value }),
        Number(
            "pieceGrams",
            document => document.PieceGrams,
            (document, value) => document with { PieceGrams = value }
        ),
        Number(
            "solidPercent",
            document => document.SolidPercent,
            (document, value) => document with { SolidPercent = value }
        ),
        Text("frozenFrom", document => document.FrozenFrom, (document, value) => document with { FrozenFrom = value }),
        Number(
            "servedCelsius",
            document => document.ServedCelsius,
            (document, value) => document with { ServedCelsius = value }
        ),
        Number(
            "specificHeat",
            document => document.SpecificHeat,
            (document, value) => document with { SpecificHeat = value }
        ),
        Number(
            "strengthPercent",
            document => document.StrengthPercent,
            (document, value) => document with { StrengthPercent = value }
        ),
        Number(
            "roastCaffeinePercent",
            document => document.RoastCaffeinePercent,
            (document, value) => document with { RoastCaffeinePercent = value }
        ),
        Number(
            "roastCaffeineSpreadPercent",
            document => document.RoastCaffeineSpreadPercent,
            (document, value) => document with { RoastCaffeineSpreadPercent = value }
        ),
        Per100("energyKcal", part => part.EnergyKcal, (part, value) => part with { EnergyKcal = value }),
        Per100("fat", part => part.Fat, (part, value) => part with { Fat = value }),
        Per100("saturates", part => part.Saturates, (part, value) => part with { Saturates = value }),
        Per100("carbohydrate", part => part.Carbohydrate, (part, value) => part with { Carbohydrate = value }),
        Per100("sugars", part => part.Sugars, (part, value) => part with { Sugars = value }),
        Per100("protein", part => part.Protein, (part, value) => part with { Protein = value }),
        Per100("salt", part => part.Salt, (part, value) => part with { Salt = value }),
        Per100("caffeineMg", part => part.CaffeineMg, (part, value) => part with { CaffeineMg = value }),
        Per100("sucrose", part => part.Sucrose, (part, value) => part with { Sucrose = value }),
        Per100("glucose", part => part.Glucose, (part, value) => part with { Glucose = value }),
        Per100("fructose", part => part.Fructose, (part, value) => part with { Fructose = value }),
        Per100("lactose", part => part.Lactose, (part, value) => part with { Lactose = value }),
        Per100("maltose", part => part.Maltose, (part, value) => part with { Maltose = value }),
        Per100("galactose", part => part.Galactose, (part, value) => part with { Galactose = value }),
        Sweetening("erythritol", part => part.Erythritol, (part, value) => part with { Erythritol = value }),
        Sweetening("xylitol", part => part.Xylitol, (part, value) => part with { Xylitol = value }),
        Sweetening("maltitol", part => part.Maltitol, (part, value) => part with { Maltitol = value }),
        Sweetening("allulose", part => part.Allulose, (part, value) => part with { Allulose = value }),
        Sweetening("aspartame", part => part.Aspartame, (part, value) => part with { Aspartame = value }),
        Sweetening(
            "steviolGlycosides",
            part => part.SteviolGlycosides,
            (part, value) => part with { SteviolGlycosides = value }
        ),
        Sweetening("sucralose", part => part.Sucralose, (part, value) => part with { Sucralose = value }),
        Text(
            "per100g.source",
            document => document.Per100g?.Source,
            (document, value) => WithPart(document, part => part with { Source = value }, value is null)
        ),
        Text(
            "per100g.on",
            document => document.Per100g?.On,
            (document, value) => WithPart(document, part => part with { On = value }, value is null)
        ),
        Words(
            "allergens.contains",
            document => document.Allergens?.Contains,
            (document, words) =>
                document with
                {
                    Allergens = (document.Allergens ?? new()) with
                    {
                        Contains = words,
                        NamesNone = words.Count == 0 && document.Allergens?.MayContain is null or [],
                    },
                }
        ),
        Words(
            "allergens.mayContain",
            document => document.Allergens?.MayContain,
            (document, words) =>
                document with
                {
                    Allergens = (document.Allergens ?? new()) with
                    {
                        MayContain = words,
                        NamesNone = words.Count == 0 && document.Allergens?.NamesNone == true,
                    },
                }
        ),
        Text(
            "allergens.source",
            document => document.Allergens?.Source,
            (document, value) =>
                value is null
                    ? Without(document, part => part with { Source = null })
                    : document with
                    {
                        Allergens = (document.Allergens ?? new()) with { Source = value },
                    }
        ),
        Text(
            "allergens.by",
            document => document.Allergens?.By,
            (document, value) =>
                value is null
                    ? Without(document, part => part with { By = null })
                    : document with
                    {
                        Allergens = (document.Allergens ?? new()) with { By = value },
                    }
        ),
        Text(
            "allergens.on",
            document => document.Allergens?.On,
            (document, value) =>
                value is null
                    ? Without(document, part => part with { On = null })
                    : document with
                    {
                        Allergens = (document.Allergens ?? new()) with { On = value },
                    }
        ),
        Number(
            "packAmount",
            document => document.PackAmount,
            (document, value) => document with { PackAmount = value }
        ),
        Text(
            "packMeasure",
            document => document.PackMeasure,
            (document, value) => document with { PackMeasure = value }
        ),
        Number("packPrice", document => document.PackPrice, (document, value) => document with { PackPrice = value }),
        Number(
            "usablePercent",
            document => document.UsablePercent,
            (document, value) => document with { UsablePercent = value }
        ),
        Number(
            "mostGramsPerDrink",
            document => document.MostGramsPerDrink,
            (document, value) => document with { MostGramsPerDrink = value }
        ),
        Number(
            "usualMlPer100Ml",
            document => document.UsualMlPer100Ml,
            (document, value) => document with { UsualMlPer100Ml = value }
        ),
        Number(
            "foamsColdBelowCelsius",
            document => document.FoamsColdBelowCelsius,
            (document, value) => document with { FoamsColdBelowCelsius = value }
        ),
        Number(
            "steamsBelowCelsius",
            document => document.SteamsBelowCelsius,
            (document, value) => document with { SteamsBelowCelsius = value }
        ),
        Text("openedOn", document => document.OpenedOn, (document, value) => document with { OpenedOn = value }),
        Number(
            "openedDays",
            document => document.OpenedDays,
            (document, value) => document with { OpenedDays = value }
        ),
        YesNo("chilled", document => document.Chilled, (document, value) => document with { Chilled = value }),
        YesNo("sparkling", document => document.Sparkling, (document, value) => document with { Sparkling = value }),
        YesNo(
            "curdlesMilk",
            document => document.CurdlesMilk,
            (document, value) => document with { CurdlesMilk = value }
        ),
        Number(
            "hotCelsius",
            document => document.HotCelsius,
            (document, value) => document with { HotCelsius = value }
        ),
        Number(
            "dilutionParts",
            document => document.DilutionParts,
            (document, value) => document with { DilutionParts = value }
        ),
        YesNo("whisked", document => document.Whisked, (document, value) => document with { Whisked = value }),
        Text("source", document => document.Source, (document, value) => document with { Source = value }),
    ];

    private const string Nothing = "none";

    private static PantryColumn Text(
        string name,
        Func<IngredientDocument, string?> write,
        Func<IngredientDocument, string?, IngredientDocument> read
    ) => new(name, "text", write, (document, text) => read(document, text.Length == 0 ? null : text));

    private static PantryColumn Number(
        string name,
        Func<IngredientDocument, double?> write,
        Func<IngredientDocument, double?, IngredientDocument> read
    ) =>
        new(
            name,
            "a number such as 12.5 or 12,5, or nothing where it is not known",
            document => write(document)?.ToString("R", CultureInfo.InvariantCulture),
            (document, text) =>
                text.Length == 0 ? read(document, null)
                : double.TryParse(
                    text.Replace(',', '.'),
                    NumberStyles.Float & ~NumberStyles.AllowThousands,
                    CultureInfo.InvariantCulture,
                    out var value
                ) && double.IsFinite(value)
                    ? read(document, value)
                : null
        );

    private static PantryColumn Per100(
        string name,
        Func<CompositionDocument, double?> write,
        Func<CompositionDocument, double?, CompositionDocument> read
    ) =>
        Number(
            $"per100g.{name}",
            document => document.Per100g is { } part ? write(part) : null,
            (document, value) => WithPart(document, part => read(part, value), value is null)
        );

    private static PantryColumn Sweetening(
        string name,
        Func<SweetenerDocument, double?> write,
        Func<SweetenerDocument, double?, SweetenerDocument> read
    ) =>
        Per100(
            $"sweeteners.{name}",
            part => part.Sweeteners is { } sweeteners ? write(sweeteners) : null,
            (part, value) =>
                part.Sweeteners is null && value is null
                    ? part
                    : part with
                    {
                        Sweeteners = read(part.Sweeteners ?? new(), value),
                    }
        );

    // "none" says that the label was read and names nothing; an empty cell that nobody has looked.
    private static PantryColumn Words(
        string name,
        Func<IngredientDocument, IReadOnlyList<string>?> write,
        Func<IngredientDocument, IReadOnlyList<string>, IngredientDocument> read
    ) =>
        new(
            name,
            $"Enter allergen codes separated by spaces, such as milk treeNuts. Enter '{Nothing}' only if you read the label and it names none. Leave the cell empty if nobody has read the label",
            document =>
                write(document) is not { } words ? null
                : words.Count == 0
                    ? document.Allergens is { NamesNone: true } or { Contains.Count: > 0 } or { MayContain.Count: > 0 }
                            ? Nothing
                        : null
                : string.Join(' ', words),
            (document, text) =>
                text.Length == 0
                    ? Without(document, part =>
                        name.EndsWith("contains", StringComparison.Ordinal)
                            ? part with
                            {
                                Contains = [],
                            }
                            : part with
                            {
                                MayContain = [],
                            }
                    )
                    : read(
                        document,
                        text == Nothing ? [] : text.Split([' ', ';', ','], StringSplitOptions.RemoveEmptyEntries)
                    )
        );

    private static IngredientDocument WithPart(
        IngredientDocument document,
        Func<CompositionDocument, CompositionDocument> change,
        bool isEmpty
    ) => document.Per100g is null && isEmpty ? document : document with { Per100g = change(document.Per100g ?? new()) };

    private static IngredientDocument Without(
        IngredientDocument document,
        Func<AllergenDocument, AllergenDocument> change
    ) => document.Allergens is null ? document : document with { Allergens = change(document.Allergens) };

    private static PantryColumn YesNo(
        string name,
        Func<IngredientDocument, bool?> value,
        Func<IngredientDocument, bool?, IngredientDocument> with
    ) =>
        new(
            name,
            "yes, no, or nothing",
            document =>
                value(document) switch
                {
                    true => "yes",
                    false => "no",
                    _ => "",
                },
            (document, text) =>
                text.ToLowerInvariant() switch
                {
                    "" => with(document, null),
                    "yes" => with(document, true),
                    "no" => with(document, false),
                    _ => null,
                }
        );
}

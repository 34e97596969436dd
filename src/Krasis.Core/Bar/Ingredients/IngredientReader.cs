using System.Text.RegularExpressions;
using Krasis.Core.Input;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>Reads ingredients.</summary>
public static partial class IngredientReader
{
    /// <summary>Reads one ingredient.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<Ingredient> Read(IngredientDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var kind = fields.Word("kind", document.Kind, IngredientKind.Milk);
        var isIce = kind == IngredientKind.Ice;
        var density = isIce ? IceFacts.Density : ReadDensity(document, fields);
        var piece = isIce ? fields.Number("pieceGrams", document.PieceGrams, 0.5, 500, "g") : 0;

        // Crushed ice packs closer than cubes and large cubes looser; a full glass of ice is never a third air or less.
        var solid = fields.Optional("solidPercent", document.SolidPercent, 30, 80, "%");

        // From tea-like filter coffee to a concentrate for diluting; instant powder dissolves whole.
        var strength = kind is IngredientKind.Coffee or IngredientKind.Ice or IngredientKind.Powder
            ? fields.Optional(
                "strengthPercent",
                document.StrengthPercent,
                kind == IngredientKind.Coffee ? 0.1 : 0,
                kind == IngredientKind.Powder ? 100 : 30,
                "%"
            )
            : null;
        var isFrozen = isIce || kind == IngredientKind.IceCream;
        var served = fields.Optional(
            "servedCelsius",
            document.ServedCelsius,
            isFrozen ? -30 : -5,
            isFrozen ? 0 : 100,
            "°C"
        );
        var heat = fields.Optional("specificHeat", document.SpecificHeat, 0.5, 4.5, "J/(g·K)");
        var isPlain = kind is IngredientKind.Water || (isIce && document.Per100g is null && strength is null or 0);
        var composition =
            isPlain && document.Per100g is null
                ? Composition.Nothing
                : CompositionReader.Read(document.Per100g, fields);
        var said = AllergenReader.Read(document.Allergens, fields);
        var allergens = isPlain && said.SaysNothing ? AllergenStatement.None : said;
        var sugars = SugarReader.Read(document.Per100g, kind, allergens, fields);
        var sweeteners = SugarReader.ReadSweeteners(document.Per100g, fields);
        var roast = ReadRoast(document, kind, fields);
        var price = ReadPrice(document, density, fields);
        var most = fields.Optional("mostGramsPerDrink", document.MostGramsPerDrink, 0.01, 500, "g");
        var usual = fields.Optional("usualMlPer100Ml", document.UsualMlPer100Ml, 0.01, 100, "ml to 100 ml");
        var foams = fields.Optional("foamsColdBelowCelsius", document.FoamsColdBelowCelsius, -5, 40, "°C");
        var steams = fields.Optional("steamsBelowCelsius", document.SteamsBelowCelsius, 30, 100, "°C");
        var useBy = ReadUseBy(document.OpenedOn, "openedOn", document.OpenedDays, "openedDays", fields);
        var isTea = kind == IngredientKind.Tea;
        var hotAt = isTea ? fields.Optional("hotCelsius", document.HotCelsius, 20, 100, "°C") : null;
        var dilution = isTea ? fields.Optional("dilutionParts", document.DilutionParts, 0, 20, "parts") : null;
        var frozen =
            isIce && document.FrozenFrom is not null
                ? new IngredientId(fields.Id("frozenFrom", document.FrozenFrom))
                : default(IngredientId?);
        _ = fields.Note("source", document.Source);
        var colour = ReadColour(document.Colour, fields);
        var servedAt = served is { } celsius ? Celsius.From(celsius) : IngredientDefaults.ServedAt(kind);
        return fields.Finish(() =>
            new Ingredient(
                new IngredientId(id),
                name,
                kind,
                density,
                colour,
                isIce ? Grams.From(piece) : null,
                AsPercent(strength),
                sugars?.Kinds
            )
            {
                FrozenFrom = frozen,
                IsSugarTaken = sugars?.IsTaken ?? false,
                Sweeteners = sweeteners,
                Roast = roast,
                Composition = composition,
                Allergens = allergens,
                PricePerGram = price,
                ServedAt = servedAt,
                HotAt = hotAt is { } degrees ? Celsius.From(degrees) : null,
                DilutionParts = dilution,
                IsWhisked = kind == IngredientKind.Powder && document.Whisked == true,
                MeltHeat = kind == IngredientKind.IceCream ? FrozenScoop.MeltHeat(composition, servedAt) : 0,
                SpecificHeat = heat is { } joules ? SpecificHeat.From(joules) : IngredientDefaults.SpecificHeat(kind),
                SolidFraction = (solid / 100) ?? IngredientDefaults.SolidFraction,
                MostPerDrink = most is { } grams ? Grams.From(grams) : null,
                UsualMlPer100Ml = usual,
                FoamsColdBelow = foams is { } cold ? Celsius.From(cold) : null,
                SteamsBelow = steams is { } hot ? Celsius.From(hot) : null,
                UseBy = useBy,
                IsChilled = document.Chilled ?? kind == IngredientKind.Milk,
                IsSparkling = document.Sparkling ?? false,
                CurdlesMilk = document.CurdlesMilk ?? false,
            }
        );
    }

    /// <summary>Reads a colour, for whatever else has one.</summary>
    internal static string ReadColour(string? colour, FieldReader fields, string field = "colour")
    {
        if (colour is not null && HexColour().IsMatch(colour))
        {
            return colour;
        }

        fields.Report(field, colour, "That is not a colour.", "a colour as #rrggbb, such as #d9b08c");
        return "";
    }

    /// <summary>The last day of something that keeps so many days from a day on.</summary>
    internal static DateOnly? ReadUseBy(
        string? from,
        string fromField,
        double? days,
        string daysField,
        FieldReader fields
    )
    {
        var day = fields.Day(fromField, from);
        var keeps = days is null ? default(int?) : fields.Whole(daysField, days, 0, 1000, "days");
        return day is { } start && keeps is { } length ? DateMarking.LastDay(start, length) : null;
    }

    private static Density ReadDensity(IngredientDocument document, FieldReader fields)
    {
        if (document.DensityGramsPerMl is null && document.Brix is not null)
        {
            var brix = fields.Number("brix", document.Brix, 0, BrixDensity.Most, "°Brix");
            return BrixDensity.At(brix);
        }

        _ = fields.Optional("brix", document.Brix, 0, BrixDensity.Most, "°Brix");

        // From whipped cream and crumbs to the heaviest sugar mass; beyond that the number is in another unit.
        return Density.From(fields.Number("densityGramsPerMl", document.DensityGramsPerMl, 0.1, 2, Density.Symbol));
    }

    private static Money? ReadPrice(IngredientDocument document, Density density, FieldReader fields)
    {
        var usable = fields.Optional("usablePercent", document.UsablePercent, 1, 100, "%") ?? 100;
        if (document.PackAmount is null && document.PackPrice is null)
        {
            return null;
        }

        var amount = fields.Number("packAmount", document.PackAmount, 0.1, 1_000_000, "g or ml");
        var price = fields.Number("packPrice", document.PackPrice, 0, 100_000, "");
        if (document.PackMeasure is not (null or "g" or "ml"))
        {
            fields.Report(
                "packMeasure",
                document.PackMeasure,
                $"'{Problem.Shorten(document.PackMeasure)}' does not say how much a pack holds.",
                "g, ml"
            );
        }

        var grams = document.PackMeasure == "ml" ? amount * density.Value : amount;
        return Money.From(price / (grams * usable / 100));
    }

    // Robusta has up to 4 %, instant powder up to 6 (from memory): beyond that it is no coffee.
    private static Roast? ReadRoast(IngredientDocument document, IngredientKind kind, FieldReader fields)
    {
        var caffeine = fields.Optional("roastCaffeinePercent", document.RoastCaffeinePercent, 0, 6, "%");
        var spread = fields.Optional("roastCaffeineSpreadPercent", document.RoastCaffeineSpreadPercent, 0, 50, "%");
        return caffeine is { } known && kind is (IngredientKind.Espresso or IngredientKind.Coffee)
            ? new Roast(Percent.From(known), spread is { } off ? Percent.From(off) : Roast.UsualSpread)
            : null;
    }

    private static Percent? AsPercent(double? value) => value is { } percent ? Percent.From(percent) : null;

    [GeneratedRegex("^#[0-9a-fA-F]{6}$", RegexOptions.CultureInvariant)]
    private static partial Regex HexColour();
}

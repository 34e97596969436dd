using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.House;

/// <summary>Reads the house rules.</summary>
public static class HouseReader
{
    /// <summary>Reads the rules.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<HouseRules> Read(HouseDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var reserve = fields.Number("reserveMm", document.ReserveMm, 0, 100, "mm");
        var liquid = fields.Number("liquidStepMl", document.LiquidStepMl, 0.5, 100, "ml");
        var ice = fields.Number("iceStepGrams", document.IceStepGrams, 0.5, 100, "g");
        var weighing = fields.Number("weighingStepGrams", document.WeighingStepGrams, 0.1, 50, "g");
        var strength = fields.Number("strengthDriftPercent", document.StrengthDriftPercent, 1, 100, "%");
        var sweetness = fields.Number("sweetnessDriftPercent", document.SweetnessDriftPercent, 1, 100, "%");
        var room = fields.Optional("roomCelsius", document.RoomCelsius, -10, 50, "°C");
        var milkFrom = fields.Optional("milkFromCelsius", document.MilkFromCelsius, 30, 90, "°C");
        var milkTo = fields.Optional("milkToCelsius", document.MilkToCelsius, 30, 90, "°C");
        var sauce = fields.Optional("sauceTolerancePercent", document.SauceTolerancePercent, 1, 100, "%");
        var layered = fields.Optional("layeredMeltPercent", document.LayeredMeltPercent, 0, 100, "%");
        var built = fields.Optional("builtMeltPercent", document.BuiltMeltPercent, 0, 100, "%");
        var shaken = fields.Optional("shakenAirPercent", document.ShakenAirPercent, 0, 100, "%");
        var blended = fields.Optional("blendedAirPercent", document.BlendedAirPercent, 0, 100, "%");
        var hot = fields.Optional("hotFromCelsius", document.HotFromCelsius, 30, 80, "°C");
        var standing = new[]
        {
            ("shotStandsSeconds", document.ShotStandsSeconds),
            ("milkStandsSeconds", document.MilkStandsSeconds),
            ("hotStandsSeconds", document.HotStandsSeconds),
            ("coldStandsSeconds", document.ColdStandsSeconds),
        }
            .Select(limit => fields.Optional(limit.Item1, limit.Item2, 10, 1800, "s"))
            .ToList();
        var colour = fields.Optional("colourDrift", document.ColourDrift, 1, 50, "ΔE");
        var days = document.CalibrationDays is null
            ? default(int?)
            : fields.Whole("calibrationDays", document.CalibrationDays, 1, 1000, "days");
        var tolerance = fields.Optional(
            "calibrationTolerancePercent",
            document.CalibrationTolerancePercent,
            0.2,
            20,
            "%"
        );
        var units = fields.OptionalWord<DisplayUnits>("units", document.Units) ?? DisplayUnits.Metric;
        var strengthWeight = fields.Optional("strengthWeight", document.StrengthWeight, 0, 100, "");
        var sweetnessWeight = fields.Optional("sweetnessWeight", document.SweetnessWeight, 0, 100, "");
        var currency = fields.Note("currency", document.Currency, 5) ?? "";
        var flavours = FlavourStandard.Read(document.Flavours, fields);
        var espresso = fields.Note("espresso", document.Espresso, 80);
        var milk = fields.Note("milk", document.Milk, 80);
        var foam = fields.Note("foam", document.Foam, 80);
        var table = ReadSweetness(document.Sweetness, fields);
        var usual = new HouseRules(
            Millimetres.From(reserve),
            Millilitres.From(liquid),
            Grams.From(ice),
            Grams.From(weighing),
            Percent.From(strength),
            Percent.From(sweetness)
        );
        var rules = usual with
        {
            Room = Or(room, usual.Room),
            MilkFrom = Or(milkFrom, usual.MilkFrom),
            MilkTo = Or(milkTo, usual.MilkTo),
            SauceTolerance = Or(sauce, usual.SauceTolerance),
            LayeredMelt = Or(layered, usual.LayeredMelt),
            BuiltMelt = Or(built, usual.BuiltMelt),
            ShakenAir = Or(shaken, usual.ShakenAir),
            BlendedAir = Or(blended, usual.BlendedAir),
            HotFrom = Or(hot, usual.HotFrom),
            Standing = new StandingLimits(
                standing[0] ?? usual.Standing.Shot,
                standing[1] ?? usual.Standing.Milk,
                standing[2] ?? usual.Standing.Hot,
                standing[3] ?? usual.Standing.Cold
            ),
            Places = ReadPlaces(document, fields),
            Serving = ServingLimits.Read(document.Serving, fields),
            AllowedColourDrift = colour ?? usual.AllowedColourDrift,
            CalibrationDays = days ?? usual.CalibrationDays,
            CalibrationTolerance = Or(tolerance, usual.CalibrationTolerance),
            HalfStrokes = document.HalfStrokes ?? usual.HalfStrokes,
            Units = units,
            StrengthWeight = strengthWeight ?? usual.StrengthWeight,
            SweetnessWeight = sweetnessWeight ?? usual.SweetnessWeight,
            Sweetness = table,
            Currency = currency,
            Flavours = flavours,
            Espresso = espresso,
            Milk = milk is null ? null : new IngredientId(milk),
            Foam = foam is null ? null : new FoamId(foam),
        };
        if (rules.MilkTo.Value < rules.MilkFrom.Value)
        {
            fields.Report(
                "milkToCelsius",
                $"{rules.MilkTo.Value}",
                $"The hottest, {rules.MilkTo.Value} °C, is below the coolest, {rules.MilkFrom.Value} °C.",
                $"at least {rules.MilkFrom.Value} °C"
            );
        }

        return fields.Finish(() => rules);
    }

    private static Workplaces ReadPlaces(HouseDocument document, FieldReader fields)
    {
        var usual = Workplaces.Usual;
        return new Workplaces(
            Read("baristas", document.Baristas, "baristas") ?? usual.Baristas,
            Read("groups", document.Groups, "groups") ?? usual.Groups,
            Read("wands", document.Wands, "wands") ?? usual.Wands
        );

        int? Read(string field, double? given, string unit) =>
            given is null ? null : fields.Whole(field, given, 1, Workplaces.Most, unit);
    }

    private static T Or<T>(double? given, T usual)
        where T : struct, IMeasured<T> => given is { } value ? T.From(value) : usual;

    private static RelativeSweetness ReadSweetness(SweetnessDocument? document, FieldReader fields)
    {
        var usual = RelativeSweetness.Usual;
        return document is null
            ? usual
            : new RelativeSweetness(
                Read("glucose", document.Glucose) ?? usual.Glucose,
                Read("fructose", document.Fructose) ?? usual.Fructose,
                Read("lactose", document.Lactose) ?? usual.Lactose,
                Read("maltose", document.Maltose) ?? usual.Maltose,
                Read("galactose", document.Galactose) ?? usual.Galactose
            );

        double? Read(string sugar, double? value) =>
            fields.Optional($"sweetness.{sugar}", value, 0, 3, "times sucrose");
    }
}

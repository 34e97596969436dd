using Krasis.Core.Input;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>A nutrition label as it is printed: for any amount, by weight or volume, in kcal or kJ, with salt or
/// sodium.</summary>
public sealed record PrintedLabel
{
    // Regulation (EU) No 1169/2011, Annex I: salt is sodium times 2.5.
    private const double SaltPerSodium = 2.5;

    private const int Digits = 3;

    /// <summary>For how much it is printed, in <see cref="PerMeasure"/>; 100 when it is missing.</summary>
    public double? Per { get; init; }

    /// <summary>g or ml; g when it is missing.</summary>
    public string? PerMeasure { get; init; }

    /// <summary>Energy, in <see cref="EnergyUnit"/>.</summary>
    public double? Energy { get; init; }

    /// <summary>kcal or kJ; kcal when it is missing.</summary>
    public string? EnergyUnit { get; init; }

    /// <summary>Fat, g.</summary>
    public double? Fat { get; init; }

    /// <summary>Saturated fat, g.</summary>
    public double? Saturates { get; init; }

    /// <summary>Carbohydrate, g.</summary>
    public double? Carbohydrate { get; init; }

    /// <summary>Fibre that is counted within the carbohydrate, g, as on labels in the US; missing where carbohydrate is
    /// without it.</summary>
    public double? FibreWithin { get; init; }

    /// <summary>All sugars together, g.</summary>
    public double? Sugars { get; init; }

    /// <summary>Protein, g.</summary>
    public double? Protein { get; init; }

    /// <summary>Salt or sodium, in <see cref="SaltUnit"/>.</summary>
    public double? Salt { get; init; }

    /// <summary>salt (g), sodium (mg) or sodiumGrams; salt when it is missing.</summary>
    public string? SaltUnit { get; init; }

    /// <summary>The ingredient's kind, for which sugar it is taken to hold.</summary>
    public string? Kind { get; init; }

    /// <summary>The ingredient's density, g/ml, for labels by volume.</summary>
    public double? DensityGramsPerMl { get; init; }

    /// <summary>The same for 100 g. No label tells which sugars there are: in milk they are taken for lactose, in
    /// everything else for sucrose, and that is said as their source.</summary>
    /// <returns>The composition, or every problem.</returns>
    public Reading<CompositionDocument> Read()
    {
        var fields = new FieldReader();
        var per = fields.Optional("per", Per, 1, 5000, "") ?? 100;
        var byVolume = Choose("perMeasure", PerMeasure, "g", "ml") == 1;
        var density =
            byVolume && DensityGramsPerMl is null
                ? Missing()
                : fields.Optional("densityGramsPerMl", DensityGramsPerMl, 0.05, 3, "g/ml") ?? 1;
        var isKilojoules = Choose("energyUnit", EnergyUnit, "kcal", "kJ") == 1;
        var saltUnit = Choose("saltUnit", SaltUnit, "salt", "sodium", "sodiumGrams");
        var times = 100 / (byVolume ? per * density : per);
        var carbohydrate = Grams("carbohydrate", Carbohydrate);
        var fibre = Grams("fibreWithin", FibreWithin) ?? 0;
        if (carbohydrate is { } whole && fibre > whole)
        {
            fields.Report(
                "fibreWithin",
                null,
                "There is more fibre than carbohydrate.",
                "at most the carbohydrate that it is counted in"
            );
        }

        var sugars = Grams("sugars", Sugars);
        var isMilk = Kind == Choice.Word(IngredientKind.Milk);
        var composition = new CompositionDocument
        {
            EnergyKcal = Scaled(
                fields.Optional("energy", Energy, 0, 50000, "")
                    / (isKilojoules ? Physics.Energy.KilojoulesPerKilocalorie : 1)
            ),
            Fat = Scaled(Grams("fat", Fat)),
            Saturates = Scaled(Grams("saturates", Saturates)),
            Carbohydrate = Scaled(carbohydrate - fibre),
            Sugars = Scaled(sugars),
            Protein = Scaled(Grams("protein", Protein)),
            Salt = Scaled(
                fields.Optional("salt", Salt, 0, 100_000, "")
                    * (
                        saltUnit switch
                        {
                            0 => 1,
                            1 => SaltPerSodium / 1000,
                            _ => SaltPerSodium,
                        }
                    )
            ),
            Sucrose =
                sugars is null ? null
                : isMilk ? 0
                : Scaled(sugars),
            Lactose =
                sugars is null ? null
                : isMilk ? Scaled(sugars)
                : 0,
            Glucose = sugars is null ? null : 0,
            Fructose = sugars is null ? null : 0,
            Maltose = sugars is null ? null : 0,
            Galactose = sugars is null ? null : 0,
            Source = sugars is null
                ? "the label"
                : $"the label; all sugar taken for {(isMilk ? "lactose" : "sucrose")}",
        };
        return fields.Finish(() => composition);

        double? Grams(string field, double? value) => fields.Optional(field, value, 0, 5000, "g");

        double? Scaled(double? value) => value is { } known ? Math.Round(known * times, Digits) : null;

        double Missing()
        {
            fields.Report(
                "densityGramsPerMl",
                null,
                "Without its density a label by volume cannot be turned into 100 g.",
                "the density, in step 2"
            );
            return 1;
        }

        int Choose(string field, string? value, params string[] choices)
        {
            var at = value is null ? 0 : Array.IndexOf(choices, value);
            if (at < 0)
            {
                fields.Report(
                    field,
                    value,
                    $"'{Problem.Shorten(value!)}' is not one of the choices.",
                    string.Join(", ", choices)
                );
            }

            return at;
        }
    }
}

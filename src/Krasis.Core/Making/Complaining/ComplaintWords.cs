using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;

namespace Krasis.Core.Making.Complaining;

/// <summary>Complaints as people make them.</summary>
public static class ComplaintWords
{
    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Complaint> All { get; } = Enum.GetValues<Complaint>();

    /// <summary>What can be wrong with a drink, in the order in which it is offered: nobody says of a hot drink that it
    /// is not cold, or of a drink without foam that its foam stands stiff.</summary>
    /// <param name="build">The drink.</param>
    /// <param name="bar">The bar that pours it.</param>
    public static IReadOnlyList<Complaint> Of(Build build, BarFacts bar)
    {
        var lines = build.Lines.Select(line => (line.Technique, Ingredient: bar.Find(line.Ingredient)!)).ToList();
        return [.. All.Where(IsOffered)];

        bool IsOffered(Complaint complaint) =>
            complaint switch
            {
                Complaint.Sour or Complaint.Bitter => lines.Exists(line => line.Ingredient.CoffeeShare > 0),
                Complaint.SauceOnTheBottom => lines.Exists(line =>
                    line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce or IngredientKind.Powder
                    && line.Technique.Facts().PourPlace == PourPlace.InTheDrink
                ),
                Complaint.FoamDripsThrough or Complaint.FoamStandsStiff => lines.Exists(line =>
                    line.Technique.Facts().WantsFoam
                ),
                Complaint.LayersRanTogether => build.Serve == Serve.Layered,
                Complaint.NotCold => build.Serve != Serve.Hot,
                Complaint.Lukewarm => build.Serve == Serve.Hot,
                _ => true,
            };
    }

    /// <summary>A complaint in words.</summary>
    public static string Say(Complaint complaint) =>
        complaint switch
        {
            Complaint.Sour => "Sour",
            Complaint.Bitter => "Bitter",
            Complaint.Watery => "Watery",
            Complaint.TooSweet => "Too sweet",
            Complaint.Flat => "Flat",
            Complaint.SauceOnTheBottom => "Sauce on the bottom",
            Complaint.FoamDripsThrough => "Foam drips through",
            Complaint.FoamStandsStiff => "Foam stands stiff",
            Complaint.LayersRanTogether => "Layers ran together",
            Complaint.NotCold => "Not cold",
            Complaint.Lukewarm => "Lukewarm",
            Complaint.RunsOver => "Runs over",
            Complaint.WrongColour => "Wrong colour",
            _ => "Different every time",
        };
}

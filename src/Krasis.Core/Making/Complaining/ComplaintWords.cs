namespace Krasis.Core.Making.Complaining;

/// <summary>Complaints as people make them.</summary>
public static class ComplaintWords
{
    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Complaint> All { get; } = Enum.GetValues<Complaint>();

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
